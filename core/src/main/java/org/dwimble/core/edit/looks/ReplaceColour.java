package org.dwimble.core.edit.looks;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.function.Supplier;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Facet;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.On;
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
        return On.everywhere(now, b -> colour.equals(aspect == Aspect.FILL ? b.look().fill() : b.look().border()), this::replaced,
            Told.of("no-such-colour"), "replaced-colour");
    }

    private Button replaced(Button button) {
        Look look = button.look();
        return Facet.LOOK.with(button, aspect == Aspect.FILL ? look.withFill(by) : look.withBorder(by));
    }
}
