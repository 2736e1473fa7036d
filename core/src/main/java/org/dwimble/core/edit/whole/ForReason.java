package org.dwimble.core.edit.whole;

import java.time.LocalDate;
import java.util.function.Supplier;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Told;
import org.jspecify.annotations.Nullable;

/** A change with the reason for it, which is kept in what happened. @param reason null or blank for none */
public record ForReason(Intention intention, @Nullable String reason) implements Around {
    public static final int LONGEST = 200;

    @Override
    public ForReason madeBy(String person, LocalDate day) {
        return new ForReason(intention.madeBy(person, day), reason);
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Change change = intention.on(now, ids);
        String why = Text.tidy(reason == null ? "" : reason);
        Text.atMost(LONGEST, "hold_reason", why);
        return why.isEmpty() ? change : new Change(change.before(), change.after(), change.deltas(), change.needs(), Told.of("for-reason", "what",
            change.told(), "reason", why));
    }
}
