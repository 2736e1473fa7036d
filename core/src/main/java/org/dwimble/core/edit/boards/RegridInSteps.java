package org.dwimble.core.edit.boards;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Key;
import org.dwimble.core.edit.WholeFacet;
import org.dwimble.core.edit.plan.Ahead;
import org.dwimble.core.regrid.InSteps;
import org.dwimble.core.regrid.Regrid;
import org.dwimble.core.regrid.Regridded;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Needs;

/**
 * Lays boards on another grid step by step, as steps of the plan that come next. Nothing moves now.
 *
 * @param most  so many words move at a step
 * @param ahead when, and what the steps are called
 */
public record RegridInSteps(RegridBoards boards, int most, Ahead ahead) implements Intention {
    @Override
    public RegridInSteps madeBy(String person, LocalDate day) {
        return new RegridInSteps(boards, most, ahead.on(day));
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Regridded done = Regrid.of(now, boards.boards(), boards.onto(), boards.weights(), boards.topics(), ids);
        InSteps.Stepped stepped = InSteps.of(now, done, boards.onto(), most, boards.weights());
        if (stepped.steps().isEmpty()) {
            throw new Unacceptable("nothing-to-change");
        }
        Vocabulary after = ahead.laid(stepped.laid(), stepped.steps().stream().map(InSteps.OneStep::besides).toList(), ids);
        List<Key> needs = new ArrayList<>(boards.boards().stream().map(Key.OfBoard::new).toList());
        needs.add(new Key.OfWhole(WholeFacet.PLAN));
        return Change.of(now, after, Needs.of(needs), Told.of("regrid-planned", "steps", stepped.steps().size(), "rows", boards.onto().shape().rows(),
            "columns", boards.onto().shape().columns()));
    }
}
