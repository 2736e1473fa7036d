package org.dwimble.core.bringin;

import java.util.List;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Vocabulary;

/**
 * Two boards of one name with other content, side by side.
 *
 * @param onlyThere ids of buttons there that the board here has not in the same cells
 * @param onlyHere  the other way round
 */
public record Alike(Board there, Board here, List<String> onlyThere, List<String> onlyHere) {
    public static Alike of(Board there, Vocabulary in, Board here, Vocabulary of) {
        return new Alike(there, here, Content.only(there, in, here, of), Content.only(here, of, there, in));
    }
}
