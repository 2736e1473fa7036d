package org.dwimble.core.doing;

import java.util.List;
import org.dwimble.core.told.Unacceptable;
import tools.jackson.databind.node.StringNode;

/**
 * Adds letters to the word being spelt at the end of the message.
 *
 * @param letters 1 to {@value #MOST} UTF-16 units, as they are: a space or a line break is a letter too
 */
public record Spell(String letters) implements Doing {
    public static final int MOST = 100;
    private static final String ACTION = "+";
    static final Sort<Spell> SORT = Sort.withText(Spell.class, "spell", Spell::letters, Spell::new)
        .asAction(d -> StringNode.valueOf(ACTION + d.letters), a -> a.asString("").startsWith(ACTION) ? new Spell(a.asString().substring(1)) : null);

    public Spell {
        if (letters == null || letters.isEmpty() || letters.length() > MOST) {
            throw new Unacceptable("spell-length", "most", MOST, "has", letters == null ? 0 : letters.length());
        }
    }

    @Override
    public Sort<Spell> sort() {
        return SORT;
    }

    @Override
    public List<Effect> effects() {
        return List.of(new Effect.Letters(letters));
    }
}
