package org.dwimble.core.edit;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.time.LocalDate;
import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Needs;

/** Several intentions that are one: all are done, in order, or none. At most {@value #MOST}, in one level. */
@JsonTypeName("several")
public record Several(List<Intention> intentions) implements Intention {
    public static final int MOST = 500;

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
        return Change.of(now, at, needs, intentions.size() == 1 ? first : Told.of("several", "first", first, "more", intentions.size() - 1));
    }
}
