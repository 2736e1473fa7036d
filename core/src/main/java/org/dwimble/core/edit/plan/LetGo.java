package org.dwimble.core.edit.plan;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.function.Supplier;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Facet;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.reveal.Meant;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Needs;

/** Holds words no longer: the step decides again. People who have left stay held; they come back by themselves. */
@JsonTypeName("let-go")
public record LetGo(Meant words) implements Intention {
    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        PlanSteps.Made made = PlanSteps.give(now, words, Facet.HOLD, b -> b.shown().left() != null ? b : Facet.HOLD.with(b, null));
        if (made.buttons().isEmpty()) {
            throw new Unacceptable("nothing-held-there");
        }
        return Change.of(now, made.after(), Needs.of(made.needs()), Told.of("let-go", made.named()));
    }
}
