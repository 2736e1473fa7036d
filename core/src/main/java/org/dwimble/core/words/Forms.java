package org.dwimble.core.words;

import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.dwimble.core.text.Listed;

/**
 * Which word an English form belongs to: "running" to run, "mice" to mouse, "'m" to be. Irregular forms
 * are listed in {@code forms.txt}; the regular endings -s, -es, -ed, -ing, -er, -est, -n't are undone by the
 * spelling rules every primer gives (consonant doubled, final e dropped, y to i).
 */
public final class Forms {
    /** What is left of a regular form; shorter words with forms are in the list. Else "his" would belong to hi. */
    private static final int SHORTEST_STEM = 3;
    private final Map<String, String> irregular = new HashMap<>();

    private Forms() {
    }

    public static Forms english() {
        Forms forms = new Forms();
        Listed.lines(Forms.class, "forms.txt").forEach(forms::learn);
        return forms;
    }

    private void learn(String line) {
        String word = line.substring(0, line.indexOf(':')).trim();
        for (String form : line.substring(line.indexOf(':') + 1).split(",")) {
            if (irregular.put(form.trim(), word) != null) {
                throw new IllegalArgumentException("forms.txt: “" + form.trim() + "” stands under two words");
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

    private static void inflected(String f, Set<String> words) {
        undo(f, "ies", "y", words);
        if (f.endsWith("es") && f.length() > 2 && ("sxzo".indexOf(f.charAt(f.length() - 3)) >= 0 || f.endsWith("ches") || f.endsWith("shes"))) {
            undo(f, "es", "", words);
        }
        undo(f, "s", "", words);
        undo(f, "ied", "y", words);
        undoBase(f, "ed", words);
        undoBase(f, "ing", words);
    }

    private static void undo(String form, String ending, String instead, Set<String> words) {
        if (form.endsWith(ending) && form.length() - ending.length() >= SHORTEST_STEM && !form.endsWith("ss")) {
            words.add(form.substring(0, form.length() - ending.length()) + instead);
        }
    }

    private static void undoBase(String form, String ending, Set<String> words) {
        if (!form.endsWith(ending) || form.length() - ending.length() < SHORTEST_STEM) {
            return;
        }
        String base = form.substring(0, form.length() - ending.length());
        words.add(base);
        words.add(base + "e");
        if (base.endsWith("i") && !ending.equals("ing")) {
            words.add(base.substring(0, base.length() - 1) + "y");
        }
        int n = base.length();
        if (n > 2 && base.charAt(n - 1) == base.charAt(n - 2)) {
            words.add(base.substring(0, n - 1));
        }
    }
}
