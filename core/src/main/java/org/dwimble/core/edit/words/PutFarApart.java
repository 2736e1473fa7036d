package org.dwimble.core.edit.words;

import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Standing;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Key;
import org.dwimble.core.edit.On;
import org.dwimble.core.first.FirstBoard;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Needs;

/** Puts words on a board for somebody who begins, each as far from the others as there is room ({@link FirstBoard#order}). All of them are put, or none. */
public record PutFarApart(String board, List<ReadyWord> words) implements Intention {
    public PutFarApart {
        words = PutWords.bounded(words, PutWords.MOST);
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Board on = On.board(now, board);
        List<Cell> cells = FirstBoard.order(on);
        if (words.size() > cells.size()) {
            throw new Unacceptable("first-board-full", "words", words.size(), "board", on.name(), "cells", cells.size());
        }
        List<ReadyWord> acting = words.stream().map(word -> word.acts() == null && word.opens() == null ? word.doing(FirstBoard.actsOn(on)) : word).toList();
        return PutWords.put(now, on, acting, cells.stream().map(Standing::at).toList(), Needs.of(new Key.OfShape(board)), ids);
    }
}
