package org.dwimble.core.words;

import java.text.Normalizer;
import java.util.Locale;
import java.util.regex.Pattern;

/** Words made comparable, and how far two are apart. */
public final class Spelling {
    private static final Pattern MARKS = Pattern.compile("\\p{M}+");
    private static final Pattern QUOTES = Pattern.compile("[’'ʼ]");
    private static final Pattern REST = Pattern.compile("[^\\p{L}\\p{N}]+");

    private Spelling() {
    }

    /** Lower case, accents off, apostrophes dropped, anything else but letters and digits to one space. */
    public static String fold(String text) {
        boolean plain = true;
        for (int i = 0; i < text.length() && plain; i++) {
            char c = text.charAt(i);
            plain = c >= 'a' && c <= 'z' || c == ' ' && i > 0 && i < text.length() - 1 && text.charAt(i - 1) != ' ';
        }
        if (plain) {
            return text;
        }
        String bare = MARKS.matcher(Normalizer.normalize(text, Normalizer.Form.NFD)).replaceAll("");
        String lower = bare.toLowerCase(Locale.ROOT).replace('ı', 'i').replace('ł', 'l').replace('đ', 'd').replace("ß", "ss").replace('ø', 'o');
        return REST.matcher(QUOTES.matcher(lower).replaceAll("")).replaceAll(" ").trim();
    }

    /**
     * How a word would be written by ear, so that "fone" and "phone", "kat" and "cat" meet: letters that sound
     * alike become one, doubled letters single, a silent end e goes. For English only.
     */
    public static String byEar(String word) {
        String w = word.replace("ph", "f").replace("ck", "k").replace("gh", "").replace("kn", "n").replace("wr", "r").replace("qu", "kw").replace("tch", "ch").replace('x', 'z').replace("ce", "se").replace("ci", "si");
        StringBuilder out = new StringBuilder();
        for (int i = 0; i < w.length(); i++) {
            char c = w.charAt(i);
            if (c == 'c' && (i + 1 >= w.length() || w.charAt(i + 1) != 'h')) {
                c = 'k';
            }
            if (c == 'y') {
                c = 'i';
            }
            if (c == 'z') {
                c = 's';
            }
            if (out.length() == 0 || out.charAt(out.length() - 1) != c) {
                out.append(c);
            }
        }
        if (out.length() > 2 && out.charAt(out.length() - 1) == 'e') {
            out.setLength(out.length() - 1);
        }
        return out.toString();
    }

    /**
     * Edits from one word to another, an edit being a letter added, left out, changed, or changed over with its
     * neighbour (the optimal string alignment form of Damerau's distance). Counts no further than one over the bound.
     */
    public static int distance(String a, String b, int bound) {
        if (Math.abs(a.length() - b.length()) > bound) {
            return bound + 1;
        }
        int[] before = new int[b.length() + 1];
        int[] above = new int[b.length() + 1];
        int[] row = new int[b.length() + 1];
        for (int j = 0; j <= b.length(); j++) {
            above[j] = j;
        }
        for (int i = 1; i <= a.length(); i++) {
            row[0] = i;
            int least = i;
            for (int j = 1; j <= b.length(); j++) {
                int change = above[j - 1] + (a.charAt(i - 1) == b.charAt(j - 1) ? 0 : 1);
                int best = Math.min(change, Math.min(above[j], row[j - 1]) + 1);
                if (i > 1 && j > 1 && a.charAt(i - 1) == b.charAt(j - 2) && a.charAt(i - 2) == b.charAt(j - 1)) {
                    best = Math.min(best, before[j - 2] + 1);
                }
                row[j] = best;
                least = Math.min(least, best);
            }
            if (least > bound) {
                return bound + 1;
            }
            int[] spare = before;
            before = above;
            above = row;
            row = spare;
        }
        return above[b.length()];
    }
}
