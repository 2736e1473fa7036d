package org.dwimble.core.edit.whole;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Delta;
import org.dwimble.core.edit.Facet;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.plan.Plan;
import org.jspecify.annotations.Nullable;

/**
 * Whatever puts new buttons, while there is a plan: those that belong to no step get one, so that no word is missing without
 * anybody having meant it. Buttons that only open a board follow what is behind them.
 *
 * @param step the step new words belong to; null, or one that is gone, for the one the student is at
 */
public record Arriving(Intention intention, @Nullable String step) implements Around {
    @Override
    public Arriving madeBy(String person, LocalDate day) {
        return new Arriving(intention.madeBy(person, day), step);
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Change change = intention.on(now, ids);
        Plan plan = change.after().plan();
        if (plan.none()) {
            return change;
        }
        String into = plan.numberOf(step) > 0 ? step : plan.now().orElseThrow().id();
        List<Board> boards = new ArrayList<>();
        change.deltas().stream().filter(Delta.ButtonCame.class::isInstance).map(d -> ((Delta.ButtonCame) d).board()).distinct().forEach(id -> {
            Board board = change.after().at(id);
            List<Button> fresh = change.deltas().stream()
                .filter(d -> d instanceof Delta.ButtonCame came && came.board().equals(id)).map(d -> ((Delta.ButtonCame) d).button())
                .filter(b -> plan.numberOf(b.shown().step()) == 0 && !b.isWay() && !b.onlyOpens())
                .map(b -> Facet.STEP.with(b, into)).toList();
            if (!fresh.isEmpty()) {
                boards.add(board.with(fresh));
            }
        });
        return boards.isEmpty() ? change : Change.of(now, change.after().with(boards), change.needs(), change.told());
    }
}
