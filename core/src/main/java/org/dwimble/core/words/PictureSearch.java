package org.dwimble.core.words;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * Finds pictures by word: whole words and beginnings, upper and lower case alike, accents folded. A plural
 * also finds the one thing. Every query looks at every term, which at a few thousand pictures takes well
 * under a millisecond.
 */
public final class PictureSearch {

    /** Why a picture was found, best first: the order is the ranking. */
    public enum Why {
        IS_CALLED("is called so"),
        ALSO_CALLED("also called so"),
        NAME_STARTS("starts so"),
        WORD_IN_NAME("has the word in its name"),
        KEYWORD("has to do with it"),
        WORD_IN_NAME_STARTS("has a word that starts so"),
        OTHER_STARTS("another name starts so"),
        KEYWORD_STARTS("has to do with a word that starts so");

        private final String words;

        Why(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public record Found(LibraryPicture picture, Why why) {
    }

    private record Terms(LibraryPicture picture, String name, List<String> also, List<String> keywords) {
    }

    private static final Pattern MARKS = Pattern.compile("\\p{M}+");
    private final List<Terms> terms = new ArrayList<>();
    private final Map<String, LibraryPicture> byId = new HashMap<>();

    /** @param library in order of preference: earlier pictures win ties */
    public PictureSearch(List<LibraryPicture> library) {
        for (LibraryPicture picture : library) {
            terms.add(new Terms(picture, fold(picture.name()),
                picture.also().stream().map(PictureSearch::fold).toList(), picture.keywords().stream().map(PictureSearch::fold).toList()));
            byId.put(picture.id(), picture);
        }
    }

    public Optional<LibraryPicture> byId(String id) {
        return Optional.ofNullable(byId.get(id));
    }

    /** The picture that is called so, or is given as standing for the word. */
    public Optional<LibraryPicture> called(String word) {
        return find(word, 1).stream().filter(f -> f.why().compareTo(Why.ALSO_CALLED) <= 0).map(Found::picture).findFirst();
    }

    /** The picture a typed word gets by itself: one that is called so or has to do with it, never one whose name merely starts so. */
    public Optional<LibraryPicture> best(String word) {
        return called(word).or(() -> find(word, Integer.MAX_VALUE).stream().filter(f -> f.why() == Why.KEYWORD).map(Found::picture).findFirst());
    }

    /** At most {@code most} pictures, best reason first, shorter names before longer, then library order. Nothing for a blank query. */
    public List<Found> find(String query, int most) {
        String sought = fold(query);
        if (sought.isEmpty()) {
            return List.of();
        }
        List<String> forms = forms(sought);
        List<Ranked> ranked = new ArrayList<>();
        for (Terms t : terms) {
            Ranked best = null;
            for (int f = 0; f < forms.size(); f++) {
                Why why = why(t, forms.get(f));
                if (why != null && (best == null || why.compareTo(best.why) < 0)) {
                    best = new Ranked(t.picture, why, f, why == Why.ALSO_CALLED ? t.also.indexOf(forms.get(f)) : 0);
                }
            }
            if (best != null) {
                ranked.add(best);
            }
        }
        ranked.sort(Comparator.comparing(Ranked::why).thenComparing(Ranked::form).thenComparing(Ranked::rank).thenComparing(r -> r.picture.name().length()));
        return ranked.stream().limit(most).map(r -> new Found(r.picture, r.why)).toList();
    }

    /** @param form 0 if the word itself was found, more for its other forms; @param rank how far down the picture's other names it stands */
    private record Ranked(LibraryPicture picture, Why why, int form, int rank) {
    }

    private static @Nullable Why why(Terms t, String sought) {
        if (t.name.equals(sought)) {
            return Why.IS_CALLED;
        }
        if (t.also.contains(sought)) {
            return Why.ALSO_CALLED;
        }
        if (t.name.startsWith(sought)) {
            return Why.NAME_STARTS;
        }
        if (hasWord(t.name, sought) || t.also.stream().anyMatch(a -> hasWord(a, sought))) {
            return Why.WORD_IN_NAME;
        }
        if (t.keywords.contains(sought)) {
            return Why.KEYWORD;
        }
        if (t.name.contains(" " + sought)) {
            return Why.WORD_IN_NAME_STARTS;
        }
        if (t.also.stream().anyMatch(a -> a.startsWith(sought))) {
            return Why.OTHER_STARTS;
        }
        return t.keywords.stream().anyMatch(k -> k.startsWith(sought)) ? Why.KEYWORD_STARTS : null;
    }

    private static boolean hasWord(String text, String word) {
        return (" " + text + " ").contains(" " + word + " ");
    }

    /** The word itself, and what it would be without a plural ending. */
    private static List<String> forms(String word) {
        if (word.length() > 4 && word.endsWith("ies")) {
            return List.of(word, word.substring(0, word.length() - 3) + "y");
        }
        if (word.length() > 4 && word.matches(".*(s|x|ch|sh|o)es")) {
            return List.of(word, word.substring(0, word.length() - 2), word.substring(0, word.length() - 1));
        }
        if (word.length() > 3 && word.endsWith("s") && !word.endsWith("ss")) {
            return List.of(word, word.substring(0, word.length() - 1));
        }
        return List.of(word);
    }

    /** Lower case, accents off, anything but letters and digits to one space. */
    static String fold(String text) {
        String bare = MARKS.matcher(Normalizer.normalize(text, Normalizer.Form.NFD)).replaceAll("");
        return bare.toLowerCase(Locale.ROOT).replaceAll("[’']", "").replaceAll("[^\\p{L}\\p{N}]+", " ").trim();
    }
}
