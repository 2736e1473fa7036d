package org.dwimble.core.search;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;
import org.dwimble.core.picture.Picture;
import org.dwimble.core.picture.PictureLibrary;
import org.dwimble.core.words.Forms;
import org.dwimble.core.words.Spelling;
import org.jspecify.annotations.Nullable;

/**
 * Every word of every picture, in sorted order, as plain arrays: a word or a beginning is found by halving, an
 * ending or a middle by looking at every word, which at 100,000 words takes a few milliseconds. Immutable.
 */
public final class PictureIndex {
    /** How a term belongs to its picture. */
    enum Field {
        NAME, ALSO, NAME_FORM, NAME_WORD, KEYWORD
    }

    private static final char JOINER = '\u200d';

    private final List<Picture> pictures;
    private final Map<String, Integer> byId = new HashMap<>();
    private final Map<String, String> signs;
    private final List<String> languages = new ArrayList<>(List.of("en"));
    private final String[] terms;
    /** Where the entries of a term begin; one longer than the terms. */
    private final int[] begins;
    private final int[] pictureOf;
    private final byte[] fieldOf;
    private final byte[] languageOf;
    private final byte[] rankOf;
    private final String[] writtenOf;
    private final Map<Integer, int[]> nameTerms = new ConcurrentHashMap<>();
    private final Map<Integer, String[]> heardTerms = new ConcurrentHashMap<>();

    private record Entry(String term, int picture, Field field, int language, int rank, String written) {
    }

    /** @param pictures in order of preference: earlier ones win ties; @param forms of English words */
    public PictureIndex(List<Picture> pictures, Map<String, List<PictureLibrary.Named>> names, Forms forms) {
        this(new PictureLibrary(pictures, names, Map.of()), forms);
    }

    /** @param library its pictures in order of preference: earlier ones win ties; @param forms of English words */
    public PictureIndex(PictureLibrary library, Forms forms) {
        List<Picture> pictures = library.pictures();
        Map<String, List<PictureLibrary.Named>> names = library.names();
        signs = library.signs();
        this.pictures = List.copyOf(pictures);
        for (int p = 0; p < pictures.size(); p++) {
            byId.put(pictures.get(p).id(), p);
        }
        languages.addAll(names.keySet());
        Map<String, String> folded = new ConcurrentHashMap<>();
        List<List<Entry>> parts = languages.parallelStream()
            .map(l -> l.equals("en") ? english(forms, folded) : foreign(Objects.requireNonNull(names.get(l)), languages.indexOf(l), forms, folded)).toList();
        Map<String, Integer> counts = new HashMap<>();
        parts.forEach(part -> part.forEach(e -> counts.merge(e.term, 1, Integer::sum)));
        terms = counts.keySet().toArray(String[]::new);
        Arrays.parallelSort(terms);
        begins = new int[terms.length + 1];
        Map<String, Integer> next = new HashMap<>(counts.size() * 2);
        for (int t = 0; t < terms.length; t++) {
            begins[t + 1] = begins[t] + counts.getOrDefault(terms[t], 0);
            next.put(terms[t], begins[t]);
        }
        int size = begins[terms.length];
        pictureOf = new int[size];
        fieldOf = new byte[size];
        languageOf = new byte[size];
        rankOf = new byte[size];
        writtenOf = new String[size];
        for (List<Entry> part : parts) {
            for (Entry entry : part) {
                int e = next.merge(entry.term, 1, Integer::sum) - 1;
                pictureOf[e] = entry.picture;
                fieldOf[e] = (byte) entry.field.ordinal();
                languageOf[e] = (byte) entry.language;
                rankOf[e] = (byte) Math.min(15, entry.rank);
                writtenOf[e] = entry.written;
            }
        }
        heardIn(0);
    }

    /** The terms that are whole names or other names in a language, so that a slow look at each need not look at all. */
    int[] namesIn(int language) {
        return nameTerms.computeIfAbsent(language, l -> IntStream.range(0, terms.length).filter(t -> {
            for (int e = begins[t]; e < begins[t + 1]; e++) {
                if (languageOf[e] == l && (fieldOf[e] == Field.NAME.ordinal() || fieldOf[e] == Field.ALSO.ordinal())) {
                    return true;
                }
            }
            return false;
        }).toArray());
    }

    /** How the terms of {@link #namesIn} would be written by ear, in their order. */
    String[] heardIn(int language) {
        return heardTerms.computeIfAbsent(language, l -> Arrays.stream(namesIn(l))
            .mapToObj(t -> terms[t].charAt(0) < 0x80 ? Spelling.byEar(terms[t]) : "").toArray(String[]::new));
    }

    private List<Entry> english(Forms forms, Map<String, String> folded) {
        List<Entry> entries = new ArrayList<>();
        for (int p = 0; p < pictures.size(); p++) {
            Picture picture = pictures.get(p);
            word(entries, picture.name(), p, Field.NAME, 0, 0, forms, folded);
            for (int i = 0; i < picture.also().size(); i++) {
                word(entries, picture.also().get(i), p, Field.ALSO, 0, i, forms, folded);
            }
            for (int i = 0; i < picture.keywords().size(); i++) {
                word(entries, picture.keywords().get(i), p, Field.KEYWORD, 0, i, forms, folded);
            }
        }
        return entries;
    }

    private List<Entry> foreign(List<PictureLibrary.Named> names, int language, Forms forms, Map<String, String> folded) {
        List<Entry> entries = new ArrayList<>();
        for (PictureLibrary.Named named : names) {
            Integer p = byId.get(named.picture());
            if (p != null) {
                word(entries, named.name(), p, Field.NAME, language, 0, forms, folded);
                for (int i = 0; i < named.keywords().size(); i++) {
                    word(entries, named.keywords().get(i), p, Field.KEYWORD, language, i, forms, folded);
                }
            }
        }
        return entries;
    }

    private static void word(List<Entry> entries, String written, int picture, Field field, int language, int rank, Forms forms, Map<String, String> folded) {
        String term = folded.computeIfAbsent(written, Spelling::fold);
        if (term.isEmpty()) {
            return;
        }
        entries.add(new Entry(term, picture, field, language, rank, written));
        if (field == Field.KEYWORD) {
            return;
        }
        if (term.indexOf(' ') >= 0) {
            for (String part : term.split(" ")) {
                entries.add(new Entry(part, picture, Field.NAME_WORD, language, rank, written));
            }
        } else if (language == 0) {
            for (String base : forms.inflected(term)) {
                if (!base.equals(term)) {
                    entries.add(new Entry(base, picture, Field.NAME_FORM, 0, rank, written));
                }
            }
        }
    }

    /** By language tag. */
    Map<String, String> namesOf(String id) {
        Map<String, String> found = new HashMap<>();
        Integer p = byId.get(id);
        for (int e = 0; p != null && e < pictureOf.length; e++) {
            if (pictureOf[e] == p && languageOf[e] > 0 && fieldAt(e) == Field.NAME) {
                found.put(languages.get(languageOf[e]), writtenOf[e]);
            }
        }
        return found;
    }

    List<Picture> pictures() {
        return pictures;
    }

    /** The picture of a sign of Unicode; of one that is joined (UTS 51), that of its beginning, if the whole has none. */
    Optional<Picture> ofSign(String sign) {
        String id = signs.get(sign);
        int joint = sign.lastIndexOf(JOINER);
        return id != null ? Optional.ofNullable(byId.get(id)).map(pictures::get) : joint > 0 ? ofSign(sign.substring(0, joint)) : Optional.empty();
    }

    @Nullable
    Integer indexOf(String id) {
        return byId.get(id);
    }

    String language(int l) {
        return languages.get(l);
    }

    List<String> languages() {
        return languages;
    }

    int termCount() {
        return terms.length;
    }

    String term(int t) {
        return terms[t];
    }

    /** The place of a term, or where it would stand, as {@link Arrays#binarySearch} tells it. */
    int find(String term) {
        return Arrays.binarySearch(terms, term);
    }

    interface Taker {
        void take(int entry);
    }

    void entries(int term, Taker taker) {
        for (int e = begins[term]; e < begins[term + 1]; e++) {
            taker.take(e);
        }
    }

    int pictureAt(int entry) {
        return pictureOf[entry];
    }

    Field fieldAt(int entry) {
        return FIELDS[fieldOf[entry]];
    }

    int languageAt(int entry) {
        return languageOf[entry];
    }

    int rankAt(int entry) {
        return rankOf[entry];
    }

    String writtenAt(int entry) {
        return writtenOf[entry];
    }

    private static final Field[] FIELDS = Field.values();
}
