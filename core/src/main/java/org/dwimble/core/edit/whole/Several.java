package org.dwimble.core.edit.whole;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.Supplier;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Instead;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.On;
import org.dwimble.core.edit.plan.HoldWords;
import org.dwimble.core.edit.words.TakeOff;
import org.dwimble.core.reveal.Meant;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Needs;

/** Several intentions that are one: all are done, in order, or none. At most as many as are changed at once, in one level. */
@JsonTypeName("several")
public record Several(List<Intention> intentions) implements Intention {
    public Several {
        if (intentions == null || intentions.isEmpty()) {
            throw new Unacceptable("nothing-to-change");
        }
        On.atMostAtOnce(intentions.size());
        if (intentions.stream().anyMatch(i -> i == null || i instanceof Several)) {
            throw new Unacceptable("nonsense");
        }
        intentions = List.copyOf(intentions);
    }

    @Override
    public Optional<Instead> instead(Vocabulary now, Predicate<String> learned) {
        return intentions.stream().allMatch(TakeOff.class::isInstance)
            ? Optional.of(HoldWords.instead(Meant.of(intentions.stream().map(i -> ((TakeOff) i).button()).toList()))) : Optional.empty();
    }

    @Override
    public Several madeBy(String person, LocalDate day) {
        return new Several(intentions.stream().map(i -> i.madeBy(person, day)).toList());
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Vocabulary at = now;
        Needs needs = Needs.NOTHING;
        Told first = null;
        for (Intention intention : intentions) {
            Change change = intention.on(at, ids);
            at = change.after();
            needs = needs.and(change.needs());
            first = first == null ? change.told() : first;
        }
        Objects.requireNonNull(first, "nothing is meant");
        return Change.of(now, at, needs, intentions.size() == 1 ? first : Told.of("several", "first", first, "more", intentions.size() - 1));
    }
}
