package org.dwimble.core.edit.words;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Key;
import org.dwimble.core.edit.On;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Needs;

/** Puts new buttons into empty cells of a board. It needs those cells, and the board's shape. */
public record PutButtons(String board, List<Button> buttons) implements Intention {
    private static final int NAMED = 3;

    public PutButtons {
        buttons = List.copyOf(buttons);
        if (buttons.isEmpty()) {
            throw new Unacceptable("nothing-to-change");
        }
    }

    public PutButtons(String board, Button button) {
        this(board, List.of(button));
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Board on = On.board(now, board);
        List<Key> needs = new ArrayList<>();
        for (Button button : buttons) {
            if (now.boardOf(button.id()).isPresent()) {
                throw new Unacceptable("button-there-already");
            }
            button.standing().cells().forEach(c -> needs.add(new Key.OfCell(board, c)));
        }
        needs.add(new Key.OfShape(board));
        return Change.of(now, now.with(on.with(buttons)), Needs.of(needs), told(buttons, on.name()));
    }

    public static Told told(List<Button> put, String board) {
        List<String> named = put.stream().limit(NAMED).map(On::named).filter(String.class::isInstance).map(String.class::cast).toList();
        int more = put.size() - named.size();
        return named.isEmpty() ? Told.of("put-pictures", "count", put.size(), "board", board) : Told.of("put", "words", named, "more", more, "board", board);
    }
}
