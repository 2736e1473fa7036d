package org.dwimble.core.voice;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Texts in which some words are written as they sound, between strokes and in the signs of the International Phonetic Association (Handbook of the IPA,
 * 1999): "/ˈwɪmbəl/ dock". A stroke counts only where a word could begin or end, and only if every sign between two of them is one of {@link #SIGNS}: "and/or"
 * and "1/2" are read as they are written. The browser finds them by the same rule, on the same cases.
 */
public final class Phonetic {
    /** Sounds first, then stress (also ' and ,), length (also :), and what parts syllables and words. */
    public static final String SIGNS = "abcdefghijklmnopqrstuvwxyzæçðøŋœɐɑɒɔəɛɜɡɪɲɹɾʀʁʃʊʌʎʒθβ" + "ˈˌ'," + "ː:" + ". ";
    private static final Pattern SOUNDS = Pattern.compile("(?<![^\\s(“\"])/([" + SIGNS + "]+)/(?![^\\s)”\".,!?])");

    /** A part of such a text. @param sounds whether it is written as it sounds; the strokes are not in it */
    public record Piece(String text, boolean sounds) {
    }

    private Phonetic() {
    }

    /** True if something in it is written as it sounds: no voice of a device can read that. */
    public static boolean isIn(String text) {
        return pieces(text).stream().anyMatch(Piece::sounds);
    }

    /** All of it, in order. */
    public static List<Piece> pieces(String text) {
        List<Piece> pieces = new ArrayList<>();
        Matcher found = SOUNDS.matcher(text);
        int done = 0;
        while (found.find()) {
            String inside = found.group(1);
            if (!inside.equals(inside.strip())) {
                continue;
            }
            if (found.start() > done) {
                pieces.add(new Piece(text.substring(done, found.start()), false));
            }
            pieces.add(new Piece(inside, true));
            done = found.end();
        }
        if (done < text.length() || pieces.isEmpty()) {
            pieces.add(new Piece(text.substring(done), false));
        }
        return List.copyOf(pieces);
    }
}
