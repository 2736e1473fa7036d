package org.dwimble.server.job;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * One piece of work.
 *
 * @param needs   what has to be seen still by who fetches the result, by spaces; empty for nothing
 * @param what    it is, to be told
 * @param of      how many parts there are; 0 if nobody knows
 * @param file    the name of what came of it; null for none
 * @param told    of its end: why it failed, or what came of it beside a file, as JSON; null for nothing
 */
public record Job(long id, long account, String needs, String what, State state, int done, int of, @Nullable String file, @Nullable String type,
    @Nullable String told,
    Instant at) {
    public enum State {
        RUNNING, DONE, FAILED, CANCELLED
    }

    Job at(int done, int of) {
        return new Job(id, account, needs, what, state, done, of, file, type, told, at);
    }

    Job ended(State state, @Nullable String file, @Nullable String type, @Nullable String told) {
        return new Job(id, account, needs, what, state, done, of, file, type, told, at);
    }
}
