package org.dwimble.core.board;

import java.util.HashSet;
import java.util.Set;

/**
 * How large a vocabulary is. A word that stands on several boards, or is written once with a capital, is
 * counted once; buttons that only lead somewhere or only spell are not words.
 *
 * @param words  different words
 * @param shown  those of them that some button shows to the student at the step he or she is at
 * @param boards boards
 * @param buttons buttons of every sort
 */
public record Counts(int words, int shown, int boards, int buttons) {
    /**
     * The counts of a vocabulary that came of another by a change; quick if boards came to say no other words.
     *
     * @param was of {@code before}
     */
    public static Counts after(Counts was, Vocabulary before, Vocabulary now) {
        if (!before.boards().keySet().equals(now.boards().keySet()) || !before.plan().equals(now.plan())) {
            return of(now);
        }
        int buttons = was.buttons;
        for (Board board : now.boards().values()) {
            Board earlier = before.boards().get(board.id());
            if (earlier != board) {
                if (!earlier.words().equals(board.words())) {
                    return of(now);
                }
                buttons += board.buttons().size() - earlier.buttons().size();
            }
        }
        return new Counts(was.words, was.shown, was.boards, buttons);
    }

    public static Counts of(Vocabulary vocabulary) {
        Set<String> words = new HashSet<>();
        Set<String> shown = new HashSet<>();
        int buttons = 0;
        for (Board board : vocabulary.boards().values()) {
            buttons += board.buttons().size();
            board.words().forEach((word, steps) -> {
                words.add(word);
                if (steps.stream().anyMatch(vocabulary.plan()::shows)) {
                    shown.add(word);
                }
            });
        }
        return new Counts(words.size(), shown.size(), vocabulary.boards().size(), buttons);
    }
}
