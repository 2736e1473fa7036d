package org.dwimble.server.limit;

import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/** What connections are at: whether a request of theirs is being answered, and since when they have been saying what they want. Times are milliseconds. */
final class Connections {
    private static final class State {
        /** When it was opened, or its last request was answered. */
        private long since;
        private boolean asked;
        private boolean answering;
        /** When a further request was first seen to begin; 0 for not. */
        private long beginning;

        State(long since) {
            this.since = since;
        }
    }

    private final Map<String, State> states = new ConcurrentHashMap<>();

    static String key(String address, int port) {
        return address + ' ' + port;
    }

    void opened(String address, int port, long now) {
        states.put(key(address, port), new State(now));
    }

    void answering(String key) {
        State state = states.computeIfAbsent(key, k -> new State(0));
        synchronized (state) {
            state.asked = true;
            state.answering = true;
            state.beginning = 0;
        }
    }

    void answered(String key, long now) {
        State state = states.get(key);
        if (state != null) {
            synchronized (state) {
                state.answering = false;
                state.since = now;
            }
        }
    }

    /** True if it takes longer to say what it wants than may be. One that rests between two requests is left to the container. @param lastRead when a byte came last */
    boolean tooSlow(String key, long lastRead, long now) {
        State state = states.get(key);
        if (state == null) {
            return false;
        }
        synchronized (state) {
            if (state.answering) {
                return false;
            }
            long most = Limits.HEADER_SECONDS * 1_000L;
            if (!state.asked) {
                return now - state.since > most;
            }
            if (lastRead <= state.since) {
                state.beginning = 0;
                return false;
            }
            state.beginning = state.beginning == 0 ? now : state.beginning;
            return now - state.beginning > most;
        }
    }

    /** Forgets those that are closed. */
    void keepOnly(Set<String> open) {
        long young = System.currentTimeMillis() - 5_000;
        states.entrySet().removeIf(e -> !open.contains(e.getKey()) && e.getValue().since < young);
    }
}
