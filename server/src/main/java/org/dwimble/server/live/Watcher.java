package org.dwimble.server.live;

import java.io.IOException;
import java.util.ArrayDeque;
import java.util.Queue;
import java.util.concurrent.Executor;
import java.util.function.Consumer;
import org.dwimble.core.grant.Thing;
import org.dwimble.server.account.Account;
import org.springframework.http.MediaType;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** One open connection. Events go out in order, by threads that wait for nobody but this connection's network. */
final class Watcher {
    /** Who is this far behind is let go, and catches up on coming back. */
    private static final int MOST_WAITING = 200;
    private static final String BEAT = "";

    private record Event(String name, Object data) {
    }

    final String id;
    final Thing thing;
    final Account account;
    volatile String board = "";
    /** Whether this person may know who else is there: who only talks does not. */
    volatile boolean looks;
    private final SseEmitter emitter;
    private final Executor senders;
    private final Consumer<Watcher> gone;
    private final Queue<Event> waiting = new ArrayDeque<>();
    private boolean sending;
    private boolean ended;

    Watcher(String id, Thing thing, Account account, SseEmitter emitter, Executor senders, Consumer<Watcher> gone) {
        this.id = id;
        this.thing = thing;
        this.account = account;
        this.emitter = emitter;
        this.senders = senders;
        this.gone = gone;
        emitter.onCompletion(this::ended);
        emitter.onTimeout(this::ended);
        emitter.onError(e -> ended());
    }

    void send(String name, Object data) {
        boolean tooMany;
        synchronized (this) {
            if (ended) {
                return;
            }
            waiting.add(new Event(name, data));
            tooMany = waiting.size() > MOST_WAITING;
            if (!sending && !tooMany) {
                sending = true;
                senders.execute(this::sendAll);
            }
        }
        if (tooMany) {
            end();
        }
    }

    void beat() {
        send(BEAT, "");
    }

    void end() {
        ended();
        emitter.complete();
    }

    private void ended() {
        synchronized (this) {
            if (ended) {
                return;
            }
            ended = true;
            waiting.clear();
        }
        gone.accept(this);
    }

    private void sendAll() {
        for (Event event = next(); event != null; event = next()) {
            try {
                emitter.send(event.name.equals(BEAT) ? SseEmitter.event().comment("still here") : SseEmitter.event().name(event.name)
                    .data(event.data, MediaType.APPLICATION_JSON));
            } catch (IOException | IllegalStateException cut) {
                ended();
            }
        }
    }

    private synchronized Event next() {
        Event event = waiting.poll();
        sending = event != null;
        return event;
    }
}
