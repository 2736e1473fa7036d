package org.dwimble.server.told;

import com.ibm.icu.text.MessagePattern;
import com.ibm.icu.text.MessagePattern.Part;

/**
 * A language that is none: English with accents and longer, as other languages are. What stays plain was never put into a catalogue. Chosen by the language
 * tag {@value #TAG}.
 */
final class Pseudo {
    static final String TAG = "pseudo";
    private static final String PLAIN = "abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ";
    private static final String ACCENTED = "àƀćďéƒĝĥíĵķĺḿńőƥɋŕśţúṽŵẋýźÀƁĆĎÉƑĜĤÍĴĶĹḾŃŐƤɊŔŚŢÚṼŴẊÝŹ";

    private Pseudo() {
    }

    /** The same ICU message pattern, saying the same: what it is about and how it is chosen stays, its letters do not. */
    static String of(String pattern) {
        MessagePattern parsed = new MessagePattern(pattern);
        StringBuilder said = new StringBuilder();
        int at = 0;
        int depth = 0;
        for (int i = 0; i < parsed.countParts(); i++) {
            Part part = parsed.getPart(i);
            boolean text = depth % 2 == 1;
            int from = Math.max(at, part.getIndex());
            String between = pattern.substring(at, from);
            at = Math.max(from, part.getLimit());
            said.append(text ? accented(between) : between).append(pattern, from, at);
            // Messages hold arguments, and arguments that choose hold messages: by turns.
            switch (part.getType()) {
                case MSG_START, ARG_START -> depth++;
                case MSG_LIMIT, ARG_LIMIT -> depth--;
                default -> {
                }
            }
        }
        return said.toString();
    }

    /** Vowels stand twice, so that a sentence is about a third longer. */
    private static String accented(String text) {
        StringBuilder said = new StringBuilder();
        text.chars().forEach(c -> {
            int letter = PLAIN.indexOf(c);
            char to = letter < 0 ? (char) c : ACCENTED.charAt(letter);
            said.append(to);
            if ("aeou".indexOf(c) >= 0) {
                said.append(to);
            }
        });
        return said.toString();
    }
}
