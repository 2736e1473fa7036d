package org.dwimble.core.version;

import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;

/** What has to be known of a sort of document so that it can be kept in versions: how two differ, and how differences are made on another. */
public interface Sort<D> {
    /** Exactly what differs. */
    List<? extends Difference> between(D before, D after);

    /**
     * Differences made on another document, all together; it needs all they are about.
     *
     * @throws Unacceptable if what one starts from is not there, or the outcome cannot stand
     */
    Made<D> made(List<? extends Difference> differences, D on, Told told);

    /** What is left of a person's own differences when others have made some since, perhaps alike. */
    default List<? extends Difference> left(List<? extends Difference> mine, List<? extends Difference> since) {
        return mine;
    }

    /**
     * A wish made on what others made meanwhile, where they do not meet: done anew there, if nothing else is said.
     *
     * @param asSeen what it made of what the person saw
     * @param left   of that, what others did not do alike
     */
    default Made<D> onTop(Wish<D> wish, Made<D> asSeen, List<? extends Difference> left, D now, Supplier<String> ids) {
        return wish.on(now, ids);
    }
}
