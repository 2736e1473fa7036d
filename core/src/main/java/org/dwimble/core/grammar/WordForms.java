package org.dwimble.core.grammar;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.dwimble.core.board.Kind;
import org.dwimble.core.text.Listed;
import org.dwimble.core.words.Forms;
import org.dwimble.core.words.Kinds;
import org.jspecify.annotations.Nullable;

/**
 * Makes the forms of English words: what is irregular is listed, in {@code words/forms.txt} and {@code making.txt}; the rest follows the spelling rules
 * every primer gives (-es after a hiss, y to i, final e dropped, the last consonant doubled after one short vowel).
 */
public final class WordForms {
    private static final String VOWELS = "aeiou";
    private static final WordForms ENGLISH = new WordForms();
    private final Forms listed = Forms.english();
    private final Map<String, String> pasts = new HashMap<>();
    private final Map<String, String> goingOn = new HashMap<>();
    private final Set<String> doubled = new HashSet<>();
    private final Set<String> inOes = new HashSet<>();
    private final Set<String> same = new HashSet<>();
    private final Set<String> never = new HashSet<>();

    private WordForms() {
        String section = "";
        for (String line : Listed.lines(WordForms.class, "making.txt")) {
            if (line.startsWith("[")) {
                section = line;
                continue;
            }
            List<String> words = Listed.words(line.substring(line.indexOf(':') + 1));
            switch (section) {
                case "[past]" -> pasts.put(line.substring(0, line.indexOf(':')), words.get(0));
                case "[going on]" -> goingOn.put(line.substring(0, line.indexOf(':')), words.get(0));
                case "[doubled before an ending]" -> doubled.addAll(words);
                case "[more than one in oes]" -> inOes.addAll(words);
                case "[the same for more than one]" -> same.addAll(words);
                default -> never.addAll(words);
            }
        }
    }

    public static WordForms english() {
        return ENGLISH;
    }

    /**
     * Those that a word of this kind has: of what is done the first word changes (picks up), of who and what the last (ice creams).
     *
     * @param kind null if it is not known: then it has those of both
     */
    public FormsOf of(String word, @Nullable Kind kind) {
        boolean isDone = kind == Kind.DO || kind == null;
        boolean isThing = kind == Kind.THING || kind == Kind.WHO || kind == Kind.WHERE || kind == null;
        int space = word.indexOf(' ');
        String first = space < 0 ? word : word.substring(0, space);
        String rest = space < 0 ? "" : word.substring(space);
        String last = word.substring(word.lastIndexOf(' ') + 1);
        String before = word.substring(0, word.length() - last.length());
        String plural = isThing ? plural(last) : null;
        return new FormsOf(word, plural == null ? null : before + plural, isThing ? word + (word.endsWith("s") ? "’" : "’s") : null,
            isDone ? present(first) + rest : null, isDone ? past(first) + rest : null, isDone ? goingOn(first) + rest : null);
    }

    /**
     * Those of a word that is met outside any board: of the word it is a form of, believed of believe, with the kind this is of most often.
     *
     * @return empty of what is no English word, and of words that have none
     */
    public Optional<FormsOf> ofAny(String word, Kinds kinds) {
        if (word.length() < 2) {
            return Optional.empty();
        }
        List<String> bases = listed.inflected(word).stream().filter(kinds::ordinary).toList();
        return having(word, bases.stream().map(base -> of(base, kinds.of(base, null))))
            .or(() -> having(word, bases.stream().filter(base -> !base.equalsIgnoreCase(word)).map(base -> of(base, null))));
    }

    /** The last of them that has this word among its forms: itself comes first, what it is a form of behind it. */
    private static Optional<FormsOf> having(String word, Stream<FormsOf> all) {
        return all.filter(forms -> forms.hasAny() && forms.all().stream().anyMatch(word::equalsIgnoreCase)).reduce((first, last) -> last);
    }

    private @Nullable String plural(String word) {
        String w = word.toLowerCase(Locale.ROOT);
        if (never.contains(w)) {
            return null;
        }
        if (same.contains(w)) {
            return word;
        }
        String irregular = listed.pluralOf(w);
        if (irregular != null) {
            return irregular;
        }
        return inOes.contains(w) ? word + "es" : hissing(w) ? word + "es" : endsInConsonantAnd(w, 'y') ? word.substring(0, word.length() - 1) + "ies"
            : word + "s";
    }

    private String present(String verb) {
        String v = verb.toLowerCase(Locale.ROOT);
        return switch (v) {
            case "be" -> "is";
            case "have" -> "has";
            case "can", "will", "must", "may", "might", "shall", "should", "could", "would" -> verb;
            default -> hissing(v) || endsInConsonantAnd(v, 'o') ? verb + "es" : endsInConsonantAnd(v, 'y') ? verb.substring(0, verb.length() - 1) + "ies"
                : verb + "s";
        };
    }

    private String past(String verb) {
        String v = verb.toLowerCase(Locale.ROOT);
        String irregular = pasts.getOrDefault(v, listed.pastOf(v));
        if (irregular != null) {
            return irregular;
        }
        return v.endsWith("e") ? verb + "d" : endsInConsonantAnd(v, 'y') ? verb.substring(0, verb.length() - 1) + "ied" : stem(verb) + "ed";
    }

    private String goingOn(String verb) {
        String v = verb.toLowerCase(Locale.ROOT);
        if (goingOn.containsKey(v)) {
            return goingOn.get(v);
        }
        if (v.endsWith("ie")) {
            return verb.substring(0, verb.length() - 2) + "ying";
        }
        boolean dropped = v.endsWith("e") && v.length() > 2 && "eyo".indexOf(v.charAt(v.length() - 2)) < 0;
        return (dropped ? verb.substring(0, verb.length() - 1) : stem(verb)) + "ing";
    }

    /** With its last consonant doubled, if that is done before an ending. */
    private String stem(String verb) {
        String v = verb.toLowerCase(Locale.ROOT);
        return doubled.contains(v) || endsShort(v) ? verb + verb.charAt(verb.length() - 1) : verb;
    }

    /** One vowel alone, before one consonant, in a word of one syllable: stop, hug, swim; the u of quiz belongs to its q. */
    private static boolean endsShort(String v) {
        String w = v.replace("qu", "q");
        int n = w.length();
        if (n < 3 || "wxy".indexOf(w.charAt(n - 1)) >= 0 || isVowel(w.charAt(n - 1)) || !isVowel(w.charAt(n - 2)) || isVowel(w.charAt(n - 3))) {
            return false;
        }
        return w.substring(0, n - 2).chars().noneMatch(c -> isVowel((char) c) || c == 'y' && w.indexOf('y') > 0);
    }

    private static boolean isVowel(char c) {
        return VOWELS.indexOf(c) >= 0;
    }

    private static boolean hissing(String w) {
        return w.endsWith("s") || w.endsWith("x") || w.endsWith("z") || w.endsWith("ch") || w.endsWith("sh");
    }

    private static boolean endsInConsonantAnd(String w, char last) {
        int n = w.length();
        return n > 1 && w.charAt(n - 1) == last && !isVowel(w.charAt(n - 2));
    }
}
