package org.dwimble.core.search;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.dwimble.core.number.NumberReading;
import org.dwimble.core.number.Numbered;
import org.dwimble.core.picture.Picture;
import org.dwimble.core.words.Forms;
import org.dwimble.core.words.Meanings;
import org.dwimble.core.words.Spelling;

/**
 * Finds pictures in the library and among a school's own. A picture is given once, for the best of the reasons
 * it was found by; within a reason own pictures come before library ones, the preferred language before others,
 * shorter names before longer, then the library's order.
 */
public final class PictureSearch {
    /** Of pictures that are sure, enough to choose the first from. */
    private static final int FEW = 8;
    /** Nothing is called by more letters than this. */
    private static final int LONGEST_SOUGHT = 200;
    /** How the drawers of our own symbols begin. */
    private static final String OURS = "core-";
    /** What only varies a sign of Unicode (UTS 51): in colours, and the five skins. */
    private static final int ANY_LOOK = 0xfe0f;
    private static final int FIRST_SKIN = 0x1f3fb;
    private static final int LAST_SKIN = 0x1f3ff;

    private final PictureIndex library;
    private final PictureIndex own;
    private final Meanings meanings;
    private final Forms forms;
    private final String money;

    public PictureSearch(PictureIndex library, Meanings meanings, Forms forms) {
        this(library, new PictureIndex(List.of(), Map.of(), forms), meanings, forms, "");
    }

    private PictureSearch(PictureIndex library, PictureIndex own, Meanings meanings, Forms forms, String money) {
        this.library = library;
        this.own = own;
        this.meanings = meanings;
        this.forms = forms;
        this.money = money;
    }

    /** The same library with a school's own pictures before it. */
    public PictureSearch with(List<Picture> ownPictures) {
        return with(ownPictures, money);
    }

    /** As above. @param money ISO 4217 code of what it pays with; empty for any */
    public PictureSearch with(List<Picture> ownPictures, String money) {
        return new PictureSearch(library, new PictureIndex(ownPictures, Map.of(), forms), meanings, forms, money);
    }

    public Optional<Picture> byId(String id) {
        return byId(id, picture -> true);
    }

    /** Of own pictures, which several people may each keep under words of their own, the first that may be seen. */
    public Optional<Picture> byId(String id, Predicate<Picture> may) {
        return Numbered.byId(id).map(PictureSearch::drawn).filter(may).or(() -> kept(id, may));
    }

    private Optional<Picture> kept(String id, Predicate<Picture> may) {
        return id.startsWith("own/") ? own.pictures().stream().filter(p -> p.id().equals(id)).filter(may).findFirst()
            : Optional.ofNullable(library.indexOf(id)).map(library.pictures()::get).filter(may);
    }

    public Meanings meanings() {
        return meanings;
    }

    /** Every picture of the library, in its order. */
    public List<Picture> library() {
        return library.pictures();
    }

    /** What a library picture is called in other languages, by the tag of the language, in their order. */
    public Map<String, String> namesOf(String id) {
        Map<String, String> names = new TreeMap<>();
        library.namesOf(id).forEach((language, name) -> names.put(language, name));
        return names;
    }

    /** The picture that is called so, or is given as standing for the word. */
    public Optional<Picture> called(String word) {
        return find(Asked.typed(word, 1)).stream().filter(f -> f.why().compareTo(Why.FORM) <= 0).map(Found::picture).findFirst();
    }

    /** The picture a typed word gets by itself: one that says it, never one whose name merely starts so. */
    public Optional<Picture> best(String word) {
        return best(word, picture -> true);
    }

    /**
     * As above. What is only alike is not looked for, so that a list of hundreds of words is answered at once.
     *
     * @param may leaves out what this person may not see
     */
    public Optional<Picture> best(String word, Predicate<Picture> may) {
        return best(word, may, SpokenOf.NOTHING);
    }

    /** As above. @param on what the board the word is for speaks of */
    public Optional<Picture> best(String word, Predicate<Picture> may, SpokenOf on) {
        return find(Asked.typed(word, FEW).on(on), may, true).stream().filter(f -> f.why().sure()).map(Found::picture).findFirst();
    }

    public List<Found> find(Asked asked) {
        return find(asked, picture -> true);
    }

    /** Best first, at most as many as asked for. @param may leaves out what this person may not see */
    public List<Found> find(Asked asked, Predicate<Picture> may) {
        return find(asked, may, false);
    }

    private List<Found> find(Asked asked, Predicate<Picture> may, boolean sureOnly) {
        if (asked.text().length() > LONGEST_SOUGHT) {
            return List.of();
        }
        String sought = Spelling.fold(asked.text());
        Predicate<Picture> wanted = asked.category() == null ? may : may.and(p -> p.categories().contains(asked.category()));
        List<Numbered> numbers = asked.how() == Asked.How.TYPED ? NumberReading.of(asked.text(), money) : List.of();
        if (sought.isEmpty()) {
            return asked.category() != null ? listed(asked.category(), asked.most(), wanted)
                : withNumbers(ofSign(asked.text(), wanted), numbers, asked.most(), wanted);
        }
        Looking ownLook = new Looking(own, meanings, forms, asked, sought, true);
        Looking libraryLook = new Looking(library, meanings, forms, asked, sought, false);
        ownLook.all(sureOnly);
        libraryLook.all(sureOnly);
        if (!sureOnly && asked.how() == Asked.How.TYPED && !ownLook.certain() && !libraryLook.certain()) {
            ownLook.parts();
            libraryLook.parts();
            ownLook.misspelt();
            libraryLook.misspelt();
        }
        PriorityQueue<Looking.Ranked> best = new PriorityQueue<>(Comparator.comparingLong(Looking.Ranked::score).reversed());
        ownLook.give(best, wanted);
        libraryLook.give(best, wanted);
        Set<String> given = new HashSet<>();
        List<Found> found = best.stream().sorted(Comparator.comparingLong(Looking.Ranked::score)).map(Looking.Ranked::found)
            .filter(f -> given.add(f.picture().id())).toList();
        List<Found> all = withNumbers(meant(found, asked.on()), numbers, asked.most(), wanted);
        return asked.how() == Asked.How.TYPED && !sureOnly ? withPieces(all, asked, wanted) : all;
    }

    /** What draws a sign of Unicode, whatever skin or look it was typed with. */
    private List<Found> ofSign(String typed, Predicate<Picture> wanted) {
        StringBuilder sign = new StringBuilder();
        typed.codePoints().filter(c -> !Character.isWhitespace(c) && c != ANY_LOOK && (c < FIRST_SKIN || c > LAST_SKIN)).forEach(sign::appendCodePoint);
        return library.ofSign(sign.toString()).filter(wanted).map(p -> List.of(new Found(p, Why.THE_SIGN, typed))).orElse(List.of());
    }

    /** Of meanings that are told apart, first the one of what the board speaks of; never before what a school took in for the word itself. */
    private static List<Found> meant(List<Found> found, SpokenOf on) {
        if (found.isEmpty() || !toldApart(found.get(0))) {
            return found;
        }
        Found first = found.get(0);
        String spoken = on.most(first.picture().categories()).orElse(null);
        int most = spoken == null ? 0 : on.words(spoken);
        for (Found each : found) {
            String of = toldApart(each) ? on.most(each.picture().categories()).orElse(null) : null;
            if (of != null && on.words(of) > most) {
                first = new Found(each.picture(), Why.AS_ON_THE_BOARD, of);
                most = on.words(of);
            }
        }
        if (first.equals(found.get(0))) {
            return found;
        }
        Picture meant = first.picture();
        return Stream.concat(Stream.of(first), found.stream().filter(f -> !f.picture().equals(meant))).toList();
    }

    private static boolean toldApart(Found found) {
        return found.why().compareTo(Why.FORM) <= 0 && !found.picture().gloss().isEmpty();
    }

    /** What a number, an amount or a time is drawn as comes after what a school or we drew for the very word, and before all else. */
    private static List<Found> withNumbers(List<Found> found, List<Numbered> said, int most, Predicate<Picture> wanted) {
        List<Found> numbers = said.stream().map(PictureSearch::drawn).filter(wanted).map(p -> new Found(p, Why.IS_CALLED, p.name()))
            .toList();
        if (numbers.isEmpty()) {
            return found;
        }
        List<Found> all = new ArrayList<>(found);
        int first = (int) found.stream().takeWhile(f -> f.why().compareTo(Why.IS_CALLED) <= 0 && (f.picture().own() || f.picture().group().startsWith(OURS)))
            .count();
        all.addAll(first, numbers);
        return all.subList(0, Math.min(most, all.size()));
    }

    /** Each coin and note of the school’s money comes after what says the word itself. */
    private List<Found> withPieces(List<Found> found, Asked asked, Predicate<Picture> wanted) {
        List<Found> pieces = NumberReading.pieces(asked.text(), money).stream().map(PictureSearch::drawn).filter(wanted)
            .map(p -> new Found(p, Why.PIECE_OF_MONEY, p.name())).toList();
        int sure = (int) found.stream().takeWhile(f -> f.why().sure()).count();
        List<Found> all = new ArrayList<>(found);
        all.addAll(sure, pieces);
        return all.subList(0, Math.min(asked.most(), all.size()));
    }

    private static Picture drawn(Numbered number) {
        boolean time = number.sort() == Numbered.Sort.CLOCK || number.sort() == Numbered.Sort.MONTH;
        String group = "number-" + number.sort().name().toLowerCase(Locale.ROOT);
        return new Picture(number.id(), number.name(), List.of(), List.of(), group, List.of(time ? "time" : "numbers"), false, number.gloss());
    }

    private List<Found> listed(String category, int most, Predicate<Picture> wanted) {
        Set<String> given = new HashSet<>();
        return Stream.concat(own.pictures().stream(), library.pictures().stream()).filter(wanted).filter(p -> given.add(p.id())).limit(most)
            .map(p -> new Found(p, Why.IN_CATEGORY, category)).toList();
    }

}
