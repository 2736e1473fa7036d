package org.dwimble.core.bringin;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Names;
import org.dwimble.core.board.Shown;
import org.dwimble.core.board.Vocabulary;

/**
 * Words that are kept back wherever they stand here: held, or in a step of the plan. What is held because of an allergy is not brought to be seen from
 * elsewhere.
 */
public final class KeptHere {
    private final Map<String, Shown> kept = new HashMap<>();

    public KeptHere(Vocabulary here) {
        Set<String> free = new HashSet<>();
        here.boards().values().forEach(board -> board.buttons().stream().filter(b -> b.isWord() && !b.isWay()).forEach(b -> {
            String word = Names.folded(b.spoken());
            if (b.hidden() || b.shown().step() != null) {
                kept.merge(word, b.shown(), (one, other) -> one.hold() != null ? one : other);
            } else {
                free.add(word);
            }
        }));
        kept.keySet().removeAll(free);
    }

    boolean keeps(Button coming) {
        return coming.isWord() && !coming.isWay() && kept.containsKey(Names.folded(coming.spoken()));
    }

    /** How a button is shown that comes: as its word is here, if that is kept back. */
    public Shown shown(Button coming) {
        Shown shown = coming.shown().elsewhere();
        Shown here = keeps(coming) ? kept.get(Names.folded(coming.spoken())) : null;
        return here == null ? shown : shown.withHold(here.hold()).withStep(here.step());
    }
}
