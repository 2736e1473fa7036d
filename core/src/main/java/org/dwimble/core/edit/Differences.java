package org.dwimble.core.edit;

import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.dwimble.core.board.Vocabulary;

/** What differs between two versions, board by board. */
public final class Differences {
    private Differences() {
    }

    /**
     * The boards on which something differs, by id, each with the ids of the buttons that came, went, moved or changed; none of
     * a board that is only renamed, reshaped, dressed otherwise, new or gone without buttons. A button that moved from one board to another counts on both.
     */
    public static Map<String, Set<String>> between(Vocabulary one, Vocabulary other) {
        Map<String, Set<String>> boards = new TreeMap<>();
        for (Delta delta : Deltas.between(one, other)) {
            if (delta instanceof Delta.ButtonCame came) {
                differs(boards, came.board(), came.button().id());
            } else if (delta instanceof Delta.ButtonWent went) {
                differs(boards, went.board(), went.button().id());
            } else if (delta instanceof Delta.ButtonMoved moved) {
                differs(boards, moved.from().board(), moved.button());
                differs(boards, moved.to().board(), moved.button());
            } else if (delta instanceof Delta.ButtonAltered<?> altered) {
                differs(boards, altered.board(), altered.button());
            } else if (delta instanceof Delta.BoardCame came) {
                boards.computeIfAbsent(came.bare().id(), b -> new LinkedHashSet<>());
            } else if (delta instanceof Delta.BoardWent went) {
                boards.computeIfAbsent(went.bare().id(), b -> new LinkedHashSet<>());
            } else if (delta instanceof Delta.BoardAltered<?> altered) {
                boards.computeIfAbsent(altered.board(), b -> new LinkedHashSet<>());
            }
        }
        return boards;
    }

    private static void differs(Map<String, Set<String>> boards, String board, String button) {
        boards.computeIfAbsent(board, b -> new LinkedHashSet<>()).add(button);
    }
}
