package org.dwimble.core.talk;

import java.util.Collections;
import java.util.List;
import java.util.function.Predicate;
import org.dwimble.core.grammar.Fitting;
import org.jspecify.annotations.Nullable;

/**
 * What a tap needs to know besides the message.
 *
 * @param home    id of the home board
 * @param exists  whether a board with this id is there to be opened
 * @param forms   of the words that can be said
 * @param name    of the student; empty if it is nobody's
 * @param offered words offered while one is spelt, by place; null where there is none
 */
public record Around(String home, Predicate<String> exists, Fitting forms, String name, List<@Nullable Token> offered) {
    public Around {
        offered = Collections.unmodifiableList(offered);
    }
}
