package org.dwimble.core.edit;

import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Kind;
import org.jspecify.annotations.Nullable;

/** A word with the picture and the kind it gets, found before anything is locked; only its cell is missing. */
public record ReadyWord(String label, @Nullable String picture, @Nullable Kind kind) {
    Button in(Cell cell, String id) {
        return Button.word(id, cell, label, picture, kind);
    }
}
