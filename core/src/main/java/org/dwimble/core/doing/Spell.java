package org.dwimble.core.doing;

import org.dwimble.core.told.Unacceptable;

/**
 * Adds letters to the word being spelt at the end of the message.
 *
 * @param letters 1 to {@value #MOST} UTF-16 units, as they are: a space or a line break is a letter too
 */
public record Spell(String letters) implements Doing {
    public static final int MOST = 100;

    public Spell {
        if (letters == null || letters.isEmpty() || letters.length() > MOST) {
            throw new Unacceptable("spell-length", "most", MOST, "has", letters == null ? 0 : letters.length());
        }
    }
}
