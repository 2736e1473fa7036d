package org.dwimble.core.edit;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.look.Aspect;
import org.dwimble.core.look.Colour;
import org.dwimble.core.look.Look;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * Replaces one colour by another wherever a button has it of its own. It takes what is there, and so meets nobody.
 *
 * @param aspect fill or border
 * @param by     null for the usual one
 */
@JsonTypeName("replace-colour")
public record ReplaceColour(Aspect aspect, Colour colour, @Nullable Colour by) implements Intention {
    public ReplaceColour {
        if (colour == null || aspect != Aspect.FILL && aspect != Aspect.BORDER) {
            throw new Unacceptable("nothing-to-change");
        }
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        List<Board> boards = new ArrayList<>();
        int count = 0;
        for (Board board : now.boards().values()) {
            List<Button> other = board.buttons().stream().filter(b -> colour.equals(aspect == Aspect.FILL ? b.look().fill() : b.look().border()))
                .map(this::replaced).toList();
            if (!other.isEmpty()) {
                boards.add(board.with(other));
                count += other.size();
            }
        }
        if (count == 0) {
            throw new Unacceptable("no-such-colour");
        }
        return Change.of(now, now.with(boards), Needs.NOTHING, Told.of("replaced-colour", "count", count));
    }

    private Button replaced(Button button) {
        Look look = button.look();
        return Facet.LOOK.with(button, aspect == Aspect.FILL ? look.withFill(by) : look.withBorder(by));
    }
}
