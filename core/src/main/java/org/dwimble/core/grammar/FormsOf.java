package org.dwimble.core.grammar;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The forms of one word; what it has none of is null.
 *
 * @param plural    more than one
 * @param somebodys what belongs to one
 * @param present   what he or she does
 * @param goingOn   without is or are
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record FormsOf(String word, @Nullable String plural, @Nullable String somebodys, @Nullable String present, @Nullable String past,
    @Nullable String goingOn) {

    /** True if it has another form than itself. */
    public boolean hasAny() {
        return past != null || somebodys != null;
    }

    /** The word itself first. */
    List<String> all() {
        return Stream.of(word, plural, somebodys, present, past, goingOn).filter(Objects::nonNull).distinct().toList();
    }
}
