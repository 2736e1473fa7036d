package org.dwimble.core.edit.boards;

import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Key;
import org.dwimble.core.edit.On;
import org.dwimble.core.regrid.Onto;
import org.dwimble.core.regrid.Regrid;
import org.dwimble.core.regrid.Regridded;
import org.dwimble.core.regrid.Weights;
import org.dwimble.core.regrid.WordTopics;
import org.dwimble.core.told.Told;
import org.dwimble.core.version.Needs;

/**
 * Lays boards on another grid. What was seen before it is done is what is done, as long as nobody changed those boards meanwhile.
 *
 * @param boards   ids
 * @param topics what words are about
 */
public record RegridBoards(List<String> boards, Onto onto, Weights weights, WordTopics topics) implements Intention {
    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Regridded done = Regrid.of(now, boards, onto, weights, topics, ids);
        Needs needs = Needs.of(boards.stream().map(Key.OfBoard::new).toList());
        Told told = boards.size() == 1
            ? Told.of("regridded", "board", On.board(now, boards.get(0)).name(), "rows", onto.shape().rows(), "columns", onto.shape().columns())
            : Told.of("regridded-boards", "count", boards.size(), "rows", onto.shape().rows(), "columns", onto.shape().columns());
        return Change.of(now, done.after(), needs, told);
    }
}
