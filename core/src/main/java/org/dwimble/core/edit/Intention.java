package org.dwimble.core.edit;

import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.time.LocalDate;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.Supplier;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Wish;

/**
 * Something somebody means to change, as data. A new intention is one new file here with its line in
 * {@code IntentionTest}; those with a {@link com.fasterxml.jackson.annotation.JsonTypeName} can be sent by a client.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
public interface Intention extends Wish<Vocabulary> {
    /**
     * @param now what is in force; never changed
     * @param ids gives ids for new boards and buttons
     * @throws Unacceptable if it cannot be done on this vocabulary
     */
    @Override
    Change on(Vocabulary now, Supplier<String> ids);

    /**
     * What could be done instead by which no word is taken from its place, if something is known; whether it really takes none is asked by
     * {@link Instead#of}.
     *
     * @param learned true of the id of a button that is to keep its place
     */
    default Optional<Instead> instead(Vocabulary now, Predicate<String> learned) {
        return Optional.empty();
    }

    /** The same with who made it and when, for those that keep it; what a client says of that does not count. */
    default Intention madeBy(String person, LocalDate day) {
        return this;
    }
}
