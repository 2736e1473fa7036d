package org.dwimble.core.edit.words;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
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
        List<Button> put = new ArrayList<>();
        for (int i = 0; i < words.size(); i++) {
            put.add(words.get(i).in(Standing.at(cells.get(i)), ids.get()).withActs(FirstBoard.actsOn(on)));
        }
        return Change.of(now, now.with(on.with(put)), Needs.of(new Key.OfShape(board)), PutButtons.told(put, on.name()));
    }
}
