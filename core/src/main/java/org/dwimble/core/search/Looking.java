package org.dwimble.core.search;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.dwimble.core.picture.Picture;
import org.dwimble.core.search.PictureIndex.Field;
import org.dwimble.core.words.Forms;
import org.dwimble.core.words.Meanings;
import org.dwimble.core.words.Spelling;

/** One question put to one index: keeps the best reason for each picture. */
final class Looking {
    /** Words shorter than this are not looked for inside others, nor by a near spelling. */
    private static final int SHORTEST_INSIDE = 3;
    private static final int SHORTEST_MISSPELT = 4;
    private static final int SHORTEST_PART = 3;
    /** Nobody types part of a country's name to find its flag by chance. */
    private static final String FLAGS = "country-flag";
    private static final String ACTIONS = "actions";
    private static final Set<String> DOING = Set.of(ACTIONS);
    /** A past is sooner the form of what is done: stared of stare and not of star, crossed of crossing a road and not of being cross. */
    private static final int NOT_DONE = 4;
    /** Categories of pictures that show what something is like, so that there can be more of it. */
    private static final Set<String> DESCRIBING = Set.of("describing words", "feelings");
    /** Categories of pictures that show no thing, place or person. */
    private static final Set<String> NO_THINGS = Set.of(ACTIONS, "describing words", "where words", "question words", "little words", "talking with people");
    /** Letters before the part a compound is a kind of, at least. */
    private static final int SHORTEST_BEFORE = 2;
    private static final Why[] REASONS = Why.values();
    /** In a score, of what comes after everything without it. */
    private static final long AFTER_ALL = 1L << 60;

    /** A picture with its reason; lower is better. */
    record Ranked(long score, Found found) {
    }

    private final Meanings meanings;
    private final Forms forms;
    private final PictureIndex index;
    private final Asked asked;
    private final String sought;
    private final boolean ownFirst;
    private final long[] best;
    private final int[] by;
    private final int[] preference;
    /** True for a past and the like. */
    private final boolean done;
    private boolean certain;

    Looking(PictureIndex index, Meanings meanings, Forms forms, Asked asked, String sought, boolean ownFirst) {
        this.meanings = meanings;
        this.forms = forms;
        this.index = index;
        this.asked = asked;
        this.sought = sought;
        this.ownFirst = ownFirst;
        done = forms.done(sought);
        best = new long[index.pictures().size()];
        by = new int[best.length];
        Arrays.fill(best, Long.MAX_VALUE);
        preference = index.languages().stream().mapToInt(l -> preference(l, asked.languages())).toArray();
    }

    /** 0 for the language preferred most; English is always among the preferred ones; 7 for the others. */
    private static int preference(String language, List<String> preferred) {
        int at = preferred.indexOf(language);
        return at >= 0 ? Math.min(at, 5) : language.equals("en") ? 6 : 7;
    }

    /** True if a picture says the word; then none is guessed by its parts or a slip. */
    boolean certain() {
        return certain;
    }

    /** @param sureOnly leaves out what is only alike */
    void all(boolean sureOnly) {
        Set<String> bases = forms.inflected(sought);
        if (sureOnly) {
            exact(bases);
            meanings(bases);
            compound(bases);
            return;
        }
        switch (asked.how()) {
            case TYPED -> {
                exact(bases);
                beginnings();
                meanings(bases);
                compound(bases);
                if (sought.length() >= SHORTEST_INSIDE || !sought.chars().allMatch(c -> c < 0x2e80)) {
                    scan(Why.INSIDE, term -> term.contains(sought));
                }
            }
            case WHOLE_WORD -> wholeWord();
            case STARTS -> beginnings();
            case ENDS -> scan(Why.ENDS, term -> term.endsWith(sought));
            case INSIDE -> scan(Why.INSIDE, term -> term.contains(sought));
            case MEANING -> meanings(bases);
        }
    }

    private void exact(Set<String> bases) {
        Set<String> ofDoing = done ? bases.stream().filter(this::isDone).collect(Collectors.toSet()) : Set.of();
        int form = 0;
        for (String base : bases) {
            int t = index.find(base);
            int f = form++;
            if (t >= 0) {
                index.entries(t, e -> {
                    if (f == 0 || !done) {
                        exactly(e, f);
                    } else if (meansDoing(e)) {
                        boolean other = !ofDoing.isEmpty() && !isIn(e, DOING) && (!ofDoing.contains(base) || isIn(e, DESCRIBING));
                        exactly(e, other ? f + NOT_DONE : f);
                    }
                });
            }
        }
        derived(forms.degreeOf(sought), Why.FORM, DESCRIBING);
        derived(forms.againOf(sought), Why.FORM, DOING);
        derived(forms.oppositeOf(sought), Why.OPPOSITE, Set.of());
    }

    /** Of a word with several meanings, the one that is done: what sprang was no season. */
    private boolean meansDoing(int e) {
        return index.pictures().get(index.pictureAt(e)).gloss().isEmpty() || isIn(e, DOING);
    }

    /** True if there is a picture of the word that shows something done. */
    private boolean isDone(String word) {
        boolean[] done = {false};
        int t = index.find(word);
        if (t >= 0) {
            index.entries(t, e -> done[0] |= says(e) && isIn(e, DOING));
        }
        return done[0];
    }

    private boolean isIn(int e, Set<String> categories) {
        return index.pictures().get(index.pictureAt(e)).categories().stream().anyMatch(categories::contains);
    }

    /** By a word this one is made from. @param among categories one of which the picture has to be in; none for any */
    private void derived(Set<String> words, Why why, Set<String> among) {
        for (String word : words) {
            int t = index.find(word);
            if (t >= 0) {
                index.entries(t, e -> {
                    if (says(e) && (among.isEmpty() || isIn(e, among))) {
                        keep(e, why, 2);
                    }
                });
            }
        }
    }

    private void exactly(int e, int form) {
        boolean foreign = foreign(e);
        switch (index.fieldAt(e)) {
            case NAME -> keep(e, foreign ? Why.OTHER_LANGUAGE : form == 0 ? Why.IS_CALLED : Why.FORM, form);
            case ALSO -> keep(e, form == 0 ? Why.ALSO_CALLED : Why.FORM, form);
            case NAME_FORM -> keep(e, Why.FORM, form);
            case NAME_WORD -> {
                if (!foreign) {
                    keep(e, Why.HAS_WORD, form);
                }
            }
            case KEYWORD -> keep(e, foreign ? Why.OTHER_LANGUAGE : Why.RELATED, form + (foreign ? 8 : 0));
        }
    }

    private void wholeWord() {
        int t = index.find(sought);
        if (t >= 0) {
            index.entries(t, e -> {
                if (index.fieldAt(e) == Field.NAME || index.fieldAt(e) == Field.ALSO) {
                    exactly(e, 0);
                }
            });
        }
    }

    private void beginnings() {
        int at = index.find(sought);
        for (int t = at >= 0 ? at : -at - 1; t < index.termCount() && index.term(t).startsWith(sought); t++) {
            boolean whole = index.term(t).length() == sought.length();
            index.entries(t, e -> {
                Field field = index.fieldAt(e);
                if (foreign(e)) {
                    if (field == Field.NAME && sought.length() >= SHORTEST_INSIDE) {
                        keep(e, Why.OTHER_LANGUAGE, 4);
                    }
                } else if (field == Field.NAME || field == Field.ALSO) {
                    keep(e, Why.STARTS, field == Field.NAME ? 0 : 1);
                } else if (field == Field.NAME_WORD && asked.how() == Asked.How.TYPED) {
                    keep(e, Why.WORD_STARTS, 0);
                } else if (field == Field.KEYWORD && asked.how() == Asked.How.TYPED && !whole) {
                    keep(e, Why.RELATED_STARTS, 0);
                }
            });
        }
    }

    private void meanings(Set<String> bases) {
        for (String base : bases) {
            Meanings.Meaning meaning = meanings.of(base);
            for (int i = 0; i < meaning.first().size(); i++) {
                named(meaning.first().get(i), Why.IS_ANOTHER_WORD_FOR, i);
            }
            for (int i = 0; i < meaning.same().size(); i++) {
                named(meaning.same().get(i), Why.MEANS_SAME, i);
            }
            for (int i = 0; i < meaning.kindOf().size(); i++) {
                named(meaning.kindOf().get(i), Why.A_KIND_OF, i);
            }
            if (asked.how() == Asked.How.MEANING) {
                int t = index.find(base);
                if (t >= 0) {
                    index.entries(t, e -> exactly(e, 0));
                }
            }
        }
    }

    /** A word that is a kind of what it ends with (WordNet), as a rattlesnake is a snake: where that is a thing, and has one meaning only. */
    private void compound(Set<String> bases) {
        for (String base : bases) {
            List<String> kinds = meanings.of(base).kindOf();
            String last = kinds.isEmpty() ? "" : kinds.get(0);
            boolean ends = last.length() >= SHORTEST_PART && base.length() >= last.length() + SHORTEST_BEFORE && base.endsWith(last);
            int t = ends && base.indexOf(' ') < 0 && !forms.misleads(base) ? index.find(last) : -1;
            if (t >= 0 && oneThing(t)) {
                index.entries(t, e -> {
                    if (says(e)) {
                        keep(e, Why.COMPOUND, index.fieldAt(e) == Field.NAME ? 0 : 1);
                    }
                });
            }
        }
    }

    private boolean oneThing(int t) {
        boolean[] one = {true};
        index.entries(t, e -> {
            Picture picture = index.pictures().get(index.pictureAt(e));
            one[0] &= !says(e) || picture.gloss().isEmpty() && picture.categories().stream().noneMatch(NO_THINGS::contains);
        });
        return one[0];
    }

    private boolean says(int e) {
        return !foreign(e) && (index.fieldAt(e) == Field.NAME || index.fieldAt(e) == Field.ALSO);
    }

    private void named(String word, Why why, int rank) {
        int t = index.find(word);
        if (t >= 0) {
            index.entries(t, e -> {
                boolean named = index.fieldAt(e) == Field.NAME || index.fieldAt(e) == Field.ALSO && index.rankAt(e) < 3;
                if (named && !foreign(e) && (!done || meansDoing(e))) {
                    keep(e, why, rank);
                }
            });
        }
    }

    /** Names that fit, by looking at every term; with forms in the other languages too. */
    private void scan(Why why, Predicate<String> fits) {
        for (int t = 0; t < index.termCount(); t++) {
            if (fits.test(index.term(t))) {
                index.entries(t, e -> {
                    if (index.fieldAt(e) == Field.NAME || index.fieldAt(e) == Field.ALSO || index.fieldAt(e) == Field.NAME_WORD && why == Why.ENDS) {
                        if (!foreign(e)) {
                            if (asked.how() != Asked.How.TYPED || !index.pictures().get(index.pictureAt(e)).group().equals(FLAGS)) {
                                keep(e, why, 0);
                            }
                        } else if (asked.how() != Asked.How.TYPED || sought.charAt(0) >= 0x2e80) {
                            keep(e, Why.OTHER_LANGUAGE, 6);
                        }
                    }
                });
            }
        }
    }

    /** What a word nobody has a picture for ends with, and begins with: lifeboat is a boat. Of a phrase, its words, the last first. */
    void parts() {
        String[] words = sought.split(" ");
        if (words.length > 1) {
            for (int i = words.length - 1; i >= 0; i--) {
                part(words[i], words.length - 1 - i);
            }
            return;
        }
        for (int at = SHORTEST_PART; at <= sought.length() - SHORTEST_PART; at++) {
            if (part(sought.substring(at), 0)) {
                break;
            }
        }
        for (int to = sought.length() - SHORTEST_PART; to >= SHORTEST_PART; to--) {
            if (part(sought.substring(0, to), 4)) {
                break;
            }
        }
    }

    private boolean part(String part, int rank) {
        int t = part.length() < SHORTEST_PART ? -1 : index.find(part);
        boolean[] found = {false};
        if (t >= 0) {
            index.entries(t, e -> {
                if (!foreign(e) && (index.fieldAt(e) == Field.NAME || index.fieldAt(e) == Field.ALSO && index.rankAt(e) < 3)) {
                    keep(e, Why.PART, rank);
                    found[0] = true;
                }
            });
        }
        return found[0];
    }

    /** Only asked where nothing is called so or starts so. One slip for short words, two for long; or written by ear. */
    void misspelt() {
        if (sought.length() < SHORTEST_MISSPELT) {
            return;
        }
        int bound = sought.length() < 7 ? 1 : 2;
        String heard = Spelling.byEar(sought);
        for (int language = 0; language < preference.length; language++) {
            if (preference[language] != 7) {
                misspelt(index.namesIn(language), index.heardIn(language), bound, heard);
            }
        }
    }

    private void misspelt(int[] names, String[] heardNames, int bound, String heard) {
        for (int n = 0; n < names.length; n++) {
            String term = index.term(names[n]);
            int slips = Math.abs(term.length() - sought.length()) > bound ? bound + 1 : Spelling.distance(sought, term, bound);
            boolean byEar = slips > bound && heardNames[n].equals(heard);
            if (slips <= bound || byEar) {
                int rank = byEar ? 1 : slips;
                index.entries(names[n], e -> {
                    Field field = index.fieldAt(e);
                    if (!foreign(e) && (field == Field.NAME || field == Field.ALSO)) {
                        keep(e, Why.SPELT_ALIKE, rank * 2 + (field == Field.NAME ? 0 : 1));
                    }
                });
            }
        }
    }

    private boolean foreign(int e) {
        return preference[index.languageAt(e)] == 7;
    }

    private void keep(int e, Why why, int form) {
        int p = index.pictureAt(e);
        int name = Math.min(255, index.pictures().get(p).name().length());
        long score = (asked.how().letters() && foreign(e) ? AFTER_ALL : 0) | (long) why.ordinal() << 48 | (ownFirst ? 0L
            : 1L) << 47 | (long) preference[index.languageAt(e)] << 44 | (long) Math.min(15, form) << 40
            | (long) index.rankAt(e) << 36 | (long) name << 24 | p;
        if (score < best[p]) {
            best[p] = score;
            by[p] = e;
        }
        certain |= why.compareTo(Why.HAS_WORD) <= 0 || why == Why.OTHER_LANGUAGE;
    }

    /** Adds what is better than the worst there, keeping no more than were asked for; the worst is at the head. */
    void give(PriorityQueue<Ranked> ranked, Predicate<Picture> wanted) {
        for (int p = 0; p < best.length; p++) {
            boolean good = best[p] != Long.MAX_VALUE && (ranked.size() < asked.most() || best[p] < ranked.peek().score);
            if (good && wanted.test(index.pictures().get(p))) {
                Why why = REASONS[(int) ((best[p] & ~AFTER_ALL) >>> 48)];
                ranked.add(new Ranked(best[p], new Found(index.pictures().get(p), why, by(p, why))));
                if (ranked.size() > asked.most()) {
                    ranked.poll();
                }
            }
        }
    }

    private String by(int p, Why why) {
        String written = index.writtenAt(by[p]);
        return why != Why.OTHER_LANGUAGE ? written
            : Locale.forLanguageTag(index.language(index.languageAt(by[p]))).getDisplayLanguage(Locale.ENGLISH) + ": " + written;
    }
}
