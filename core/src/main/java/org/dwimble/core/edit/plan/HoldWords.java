package org.dwimble.core.edit.plan;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.time.LocalDate;
import java.util.function.Supplier;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Facet;
import org.dwimble.core.edit.Instead;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.plan.Hold;
import org.dwimble.core.reveal.Meant;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Needs;
import org.jspecify.annotations.Nullable;

/**
 * Keeps words back, whatever the step. Their cells stay as they are. The reason is no part of what is told, as it may be
 * for the team alone.
 *
 * @param until the last day; null for no end. It may not be over already
 * @param fact  true if it follows from a fact about the student
 * @param by    given by the server, as is {@code since}
 */
@JsonTypeName("hold-words")
public record HoldWords(Meant words, String reason, @Nullable LocalDate until, boolean fact, @Nullable String by, @Nullable LocalDate since)
    implements Intention {
    /** Words held, instead of what would take them away. */
    public static Instead instead(Meant words) {
        return new Instead(Told.of("instead-hold"), new HoldWords(words, "", null, false, null, null));
    }

    @Override
    public HoldWords madeBy(String person, LocalDate day) {
        return new HoldWords(words, reason, until, fact, person, day);
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        if (until != null && since != null && until.isBefore(since)) {
            throw new Unacceptable("hold-over-already", "until", Told.day(until));
        }
        Hold hold = new Hold(reason, until, by, since, fact);
        PlanSteps.Made made = PlanSteps.give(now, words, Facet.HOLD, b -> Facet.HOLD.with(b, hold));
        if (made.buttons().isEmpty()) {
            boolean way = now.boards().values().stream().flatMap(b -> b.buttons().stream())
                .anyMatch(b -> words.buttons() != null && words.buttons().contains(b.id()) && b.isWay());
            throw new Unacceptable(way ? "way-is-never-held" : "nothing-to-hold", "words", PlanSteps.missing(words.notThere(now)));
        }
        return Change.of(now, made.after(), Needs.of(made.needs()), Told.of("held", made.named()));
    }
}
