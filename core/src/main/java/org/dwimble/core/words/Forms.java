package org.dwimble.core.words;

import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.dwimble.core.text.Listed;
import org.jspecify.annotations.Nullable;

/**
 * Which word an English form belongs to: "running" to run, "mice" to mouse, "'m" to be. Irregular forms
 * are listed in {@code forms.txt}; the regular endings -s, -es, -ed, -ing, -er, -est, -ly, -n't are undone by the
 * spelling rules every primer gives (consonant doubled, final e dropped, y to i). What nobody says is no form:
 * a word with an irregular past has none in -ed (goed), one with an irregular plural none in -s (childs).
 */
public final class Forms {
    /** What is left of a regular form; shorter words with forms are in the list. Else "his" would belong to hi. */
    private static final int SHORTEST_STEM = 3;
    /** English words end in two of these, as in roll, miss, buzz, sniff, see, add; other letters are doubled before an ending. */
    private static final String MAY_END_DOUBLED = "lszfed";
    private static final String NESS = "ness";
    private static final String MISLEADING = "[compounds whose last part shows something else]";
    private final Map<String, String> irregular = new HashMap<>();
    private final Set<String> irregularPast = new HashSet<>();
    private final Set<String> listedPasts = new HashSet<>();
    private final Set<String> irregularPlural = new HashSet<>();
    private final Map<String, String> pastOf = new HashMap<>();
    private final Map<String, String> pluralOf = new HashMap<>();
    private final Set<String> notAgain = new HashSet<>();
    private final Set<String> notNess = new HashSet<>();
    private final Set<String> misleading = new HashSet<>();

    private Forms() {
    }

    /** True for what can only be the form of something done: a past, a participle, a form in -ed or -ing. */
    public boolean done(String form) {
        String f = form.toLowerCase(Locale.ROOT);
        return listedPasts.contains(f) || !irregular.containsKey(f) && (f.endsWith("ed") || f.endsWith("ing"));
    }

    /** The irregular past of a word, in lower case; null if none is listed. */
    public @Nullable String pastOf(String word) {
        return pastOf.get(word);
    }

    /** The irregular plural of a word, in lower case; null if none is listed. */
    public @Nullable String pluralOf(String word) {
        return pluralOf.get(word);
    }

    /** True for a compound of which the picture of its last part would show something else: a riverbed is no bed to sleep in. */
    public boolean misleads(String compound) {
        return misleading.contains(compound);
    }

    public static Forms english() {
        Forms forms = new Forms();
        String section = "";
        for (String line : Listed.lines(Forms.class, "forms.txt")) {
            if (line.startsWith("[")) {
                section = line;
            } else {
                forms.learn(section, line);
            }
        }
        return forms;
    }

    private void learn(String section, String line) {
        String word = line.substring(0, line.indexOf(':')).trim();
        if (section.equals("[pasts]")) {
            irregularPast.add(word);
        } else if (section.equals("[plurals]")) {
            irregularPlural.add(word);
        }
        String first = line.substring(line.indexOf(':') + 1).split(",")[0].trim();
        if (section.equals("[pasts]")) {
            pastOf.put(word, first);
        } else if (section.equals("[plurals]")) {
            pluralOf.put(word, first);
        }
        for (String form : line.substring(line.indexOf(':') + 1).split(",")) {
            if (section.equals("[words of their own in re]")) {
                notAgain.add(form.trim());
            } else if (section.equals("[words of their own in ness]")) {
                notNess.add(form.trim());
            } else if (section.equals(MISLEADING)) {
                misleading.add(form.trim());
            } else {
                if (section.equals("[pasts]")) {
                    listedPasts.add(form.trim());
                }
                String before = irregular.put(form.trim(), word);
                if (before != null && !before.equals(word)) {
                    throw new IllegalArgumentException("forms.txt: “" + form.trim() + "” stands under two words");
                }
            }
        }
    }

    /** The words a form may belong to, itself first, lower case. More than one where spelling does not decide ("rated": rat, rate). */
    public Set<String> wordsOf(String form) {
        String f = form.toLowerCase(Locale.ROOT);
        Set<String> words = new LinkedHashSet<>(List.of(f));
        if (irregular.containsKey(f)) {
            words.add(irregular.get(f));
            return words;
        }
        inflected(f, words);
        undoBase(f, "er", words);
        undoBase(f, "est", words);
        return words;
    }

    /**
     * As {@link #wordsOf}, but of forms in -er and -est only those that are listed: a cooker is not what cook is,
     * nor a hammer more ham.
     */
    public Set<String> inflected(String form) {
        String f = form.toLowerCase(Locale.ROOT);
        Set<String> words = new LinkedHashSet<>(List.of(f));
        if (irregular.containsKey(f)) {
            words.add(irregular.get(f));
        } else {
            inflected(f, words);
        }
        return words;
    }

    private void inflected(String f, Set<String> words) {
        Set<String> plurals = new LinkedHashSet<>();
        undo(f, "ies", "y", plurals);
        if (f.endsWith("es") && f.length() > 2 && ("sxzo".indexOf(f.charAt(f.length() - 3)) >= 0 || f.endsWith("ches") || f.endsWith("shes"))) {
            undo(f, "es", "", plurals);
        }
        undo(f, "s", "", plurals);
        plurals.removeAll(irregularPlural);
        Set<String> pasts = new LinkedHashSet<>();
        undo(f, "ied", "y", pasts);
        undoBase(f, "ed", pasts);
        pasts.removeAll(irregularPast);
        words.addAll(plurals);
        words.addAll(pasts);
        undoBase(f, "ing", words);
    }

    /**
     * The describing words this may be more, most, the manner or the state of: "calmer" and "calmest" of calm, "quickly" of quick, "sadness" of sad.
     * Whether such a word describes at all is for the caller to know: a worker is not more work. Lower case; none for most words.
     */
    public Set<String> degreeOf(String form) {
        String f = form.toLowerCase(Locale.ROOT);
        Set<String> words = new LinkedHashSet<>();
        if (!irregular.containsKey(f)) {
            undoBase(f, "er", words);
            undoBase(f, "est", words);
            undo(f, "ily", "y", words);
            undo(f, "ly", "", words);
            if (!notNess.contains(f)) {
                undo(f, "i" + NESS, "y", words);
                undo(f, NESS, "", words);
            }
            if (f.endsWith("bly") || f.endsWith("ply") || f.endsWith("tly")) {
                undo(f, "y", "e", words);
            }
        }
        return words;
    }

    /** What is done again: "rebuild" and "rebuilt" are build. None where re- is only how the word begins, as in remember. */
    public Set<String> againOf(String form) {
        String f = form.toLowerCase(Locale.ROOT);
        Set<String> words = new LinkedHashSet<>();
        if (f.startsWith("re") && inflected(f).stream().noneMatch(notAgain::contains)) {
            String rest = f.substring(f.startsWith("re-") ? 3 : 2);
            if (rest.length() >= SHORTEST_STEM) {
                words.addAll(inflected(rest));
            }
        }
        return words;
    }

    /** What this is the opposite of: "unlucky" of lucky, "disagree" of agree. None where un- is only how the word begins. */
    public Set<String> oppositeOf(String form) {
        String f = form.toLowerCase(Locale.ROOT);
        Set<String> words = new LinkedHashSet<>();
        for (String before : List.of("un", "dis")) {
            if (f.startsWith(before) && !irregular.containsKey(f)) {
                String rest = f.substring(f.startsWith(before + "-") ? before.length() + 1 : before.length());
                if (rest.length() >= SHORTEST_STEM) {
                    words.addAll(inflected(rest));
                }
            }
        }
        return words;
    }

    private static void undo(String form, String ending, String instead, Set<String> words) {
        if (form.endsWith(ending) && form.length() - ending.length() + instead.length() >= SHORTEST_STEM && (!form.endsWith("ss") || ending.endsWith(NESS))) {
            words.add(form.substring(0, form.length() - ending.length()) + instead);
        }
    }

    private static void undoBase(String form, String ending, Set<String> words) {
        if (!form.endsWith(ending) || form.length() - ending.length() < SHORTEST_STEM) {
            return;
        }
        String base = form.substring(0, form.length() - ending.length());
        int n = base.length();
        boolean doubled = base.charAt(n - 1) == base.charAt(n - 2);
        if (!doubled || MAY_END_DOUBLED.indexOf(base.charAt(n - 1)) >= 0) {
            words.add(base);
            words.add(base + "e");
        }
        if (base.endsWith("i") && !ending.equals("ing")) {
            words.add(base.substring(0, n - 1) + "y");
        }
        if (doubled) {
            words.add(base.substring(0, n - 1));
        }
    }
}
