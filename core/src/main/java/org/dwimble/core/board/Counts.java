package org.dwimble.core.board;

import java.util.HashSet;
import java.util.Set;

/**
 * How large a vocabulary is. A word that stands on several boards, or is written once with a capital, is
 * counted once; buttons that only lead somewhere or only spell are not words.
 *
 * @param words  different words
 * @param shown  those of them that some button shows to the student
 * @param boards boards
 * @param buttons buttons of every sort
 */
public record Counts(int words, int shown, int boards, int buttons) {
    public static Counts of(Vocabulary vocabulary) {
        Set<String> words = new HashSet<>();
        Set<String> shown = new HashSet<>();
        int buttons = 0;
        for (Board board : vocabulary.boards().values()) {
            buttons += board.buttons().size();
            board.words().forEach((word, isShown) -> {
                words.add(word);
                if (isShown) {
                    shown.add(word);
                }
            });
        }
        return new Counts(words.size(), shown.size(), vocabulary.boards().size(), buttons);
    }
}
