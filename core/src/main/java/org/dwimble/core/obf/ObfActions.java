package org.dwimble.core.obf;

import java.util.Optional;
import org.dwimble.core.doing.AddSpace;
import org.dwimble.core.doing.ClearMessage;
import org.dwimble.core.doing.Doing;
import org.dwimble.core.doing.SayMessage;
import org.dwimble.core.doing.Spell;
import org.dwimble.core.doing.TakeLastOff;

/** Doings in the notation of the Open Board Format. */
final class ObfActions {
    private static final String SPELL = "+";
    private static final String SPACE = ":space";
    private static final String BACKSPACE = ":backspace";
    private static final String CLEAR = ":clear";
    private static final String SPEAK = ":speak";

    private ObfActions() {
    }

    static String write(Doing doing) {
        if (doing instanceof Spell spell) {
            return SPELL + spell.letters();
        }
        if (doing instanceof AddSpace) {
            return SPACE;
        }
        if (doing instanceof TakeLastOff) {
            return BACKSPACE;
        }
        if (doing instanceof ClearMessage) {
            return CLEAR;
        }
        if (doing instanceof SayMessage) {
            return SPEAK;
        }
        throw new IllegalStateException("no notation for " + doing);
    }

    /** Empty if it is none that Dwimble does. */
    static Optional<Doing> read(String action) {
        if (action.startsWith(SPELL)) {
            String letters = action.substring(1);
            return letters.isEmpty() || letters.length() > Spell.MOST ? Optional.empty() : Optional.of(new Spell(letters));
        }
        return Optional.ofNullable(switch (action) {
            case SPACE -> Doing.SPACE;
            case BACKSPACE -> Doing.TAKE_LAST_OFF;
            case CLEAR -> Doing.CLEAR;
            case SPEAK -> Doing.SAY;
            default -> null;
        });
    }
}
