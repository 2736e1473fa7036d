package org.dwimble.core.edit.ways;

import java.util.function.Supplier;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.jspecify.annotations.Nullable;

/**
 * Makes a new board, and in the same step a button that opens it.
 *
 * @param made    what makes the board
 * @param from    the board the button is put on
 * @param at      its cell, which is empty
 * @param name    what is written on it
 * @param picture found for its name; null for none
 */
public record OpenedFrom(Intention made, String from, Cell at, String name, @Nullable String picture) implements Intention {
    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Change board = made.on(now, ids);
        Change opener = new PutOpener(from, at, name, picture, new Leads.Opens(board.added().get(0))).on(board.after(), ids);
        return Change.of(now, opener.after(), board.needs().and(opener.needs()), board.told());
    }
}
