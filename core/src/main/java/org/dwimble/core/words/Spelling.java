package org.dwimble.core.words;

import java.text.Normalizer;

/** Words made comparable, and how far two are apart. */
public final class Spelling {
    private Spelling() {
    }

    /** Lower case, accents off, apostrophes dropped, anything else but letters and digits to one space. */
    public static String fold(String text) {
        if (isFolded(text)) {
            return text;
        }
        boolean plain = text.chars().allMatch(c -> c < 0x80);
        String bare = plain ? text : Normalizer.normalize(text, Normalizer.Form.NFD);
        StringBuilder folded = new StringBuilder(bare.length());
        for (int i = 0; i < bare.length(); i += Character.charCount(bare.codePointAt(i))) {
            int c = bare.codePointAt(i);
            if (Character.isLetterOrDigit(c)) {
                append(folded, Character.toLowerCase(c));
            } else if (!isMark(c) && c != '’' && c != '\'' && c != 'ʼ' && folded.length() > 0 && folded.charAt(folded.length() - 1) != ' ') {
                folded.append(' ');
            }
        }
        if (folded.length() > 0 && folded.charAt(folded.length() - 1) == ' ') {
            folded.setLength(folded.length() - 1);
        }
        return folded.toString();
    }

    /** Most words need no folding; to see that is quicker than to do it. */
    private static boolean isFolded(String text) {
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (!(c >= 'a' && c <= 'z' || c == ' ' && i > 0 && i < text.length() - 1 && text.charAt(i - 1) != ' ')) {
                return false;
            }
        }
        return true;
    }

    private static boolean isMark(int c) {
        int type = Character.getType(c);
        return type == Character.NON_SPACING_MARK || type == Character.COMBINING_SPACING_MARK || type == Character.ENCLOSING_MARK;
    }

    /** Letters that no accent is taken off of, though people type them without. */
    private static void append(StringBuilder folded, int c) {
        switch (c) {
            case 'ı' -> folded.append('i');
            case 'ł' -> folded.append('l');
            case 'đ' -> folded.append('d');
            case 'ø' -> folded.append('o');
            case 'ß' -> folded.append("ss");
            default -> folded.appendCodePoint(c);
        }
    }

    /**
     * How a word would be written by ear, so that "fone" and "phone", "kat" and "cat" meet: letters that sound
     * alike become one, doubled letters single, a silent end e goes. For English only.
     */
    public static String byEar(String word) {
        String w = word.replace("ph", "f").replace("ck", "k").replace("gh", "").replace("kn", "n").replace("wr", "r").replace("qu", "kw")
            .replace("tch", "ch").replace('x', 'z').replace("ce", "se").replace("ci", "si");
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
