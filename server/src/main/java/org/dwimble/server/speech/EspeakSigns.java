package org.dwimble.server.speech;

import java.util.HashMap;
import java.util.Map;
import java.util.stream.Collectors;
import org.dwimble.core.voice.Phonetic;

/**
 * How espeak-ng is told the sounds of speech: between double brackets, in signs of its own (its documentation, phonemes.md). Those here are in the set that
 * all its languages begin with.
 */
final class EspeakSigns {
    private static final Map<Character, String> SIGNS = new HashMap<>();
    static {
        String[] others = {"æ", "a", "ç", "C", "ð", "D", "ø", "Y", "ŋ", "N", "œ", "W", "ɐ", "a", "ɑ", "A", "ɒ", "0", "ɔ", "O", "ə", "@", "ɛ", "E", "ɜ", "3",
            "ɡ", "g", "ɪ", "I", "ɲ", "n^", "ɹ", "r", "ɾ", "*", "ʀ", "r", "ʁ", "r", "ʃ", "S", "ʊ", "U", "ʌ", "V", "ʎ", "l^", "ʒ", "Z", "θ", "T", "β", "B",
            "ˈ", "'", "ˌ", ",", "ː", ":", ".", ""};
        for (int i = 0; i < others.length; i += 2) {
            SIGNS.put(others[i].charAt(0), others[i + 1]);
        }
    }

    private EspeakSigns() {
    }

    /** A text as it is given to the program. Brackets that somebody typed are no signs of its own. */
    static String read(String text) {
        return Phonetic.pieces(text).stream()
            .map(piece -> piece.sounds() ? "[[" + signs(piece.text()) + "]]" : piece.text().replace("[[", "[ [").replace("[[", "[ ["))
            .collect(Collectors.joining());
    }

    private static String signs(String sounds) {
        return sounds.chars().mapToObj(c -> SIGNS.getOrDefault((char) c, String.valueOf((char) c))).collect(Collectors.joining());
    }
}
