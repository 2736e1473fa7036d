package org.dwimble.server.live;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.dwimble.core.board.Names;
import org.dwimble.core.grant.Act;
import org.dwimble.core.grant.Thing;
import org.dwimble.server.account.Account;
import org.dwimble.server.grant.Rights;
import org.dwimble.server.grant.RightsChanged;
import org.dwimble.server.problem.Problem;
import org.dwimble.server.told.Trace;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.context.event.EventListener;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Tells everybody who has a vocabulary or a list open which of its documents changed and who else is there. What is told is only
 * a hint to look: who misses one, such as after a cut connection, is told the version in force on coming back.
 */
@Component
public class Live implements SmartLifecycle {
    private static final Logger LOG = LoggerFactory.getLogger(Live.class);
    private static final int SENDERS = 4;
    private static final long BEAT_SECONDS = 15;

    /** One document. @param revision what it holds now; null if it is gone; @param board empty for the whole */
    public record Document(String board, @Nullable Long revision) {
    }

    /** What changed. @param by null if the program itself did it, or not everybody may know */
    public record Revised(int version, @Nullable String by, List<Document> documents) {
    }

    /** The first event of a connection. @param connection by which it says where it is; @param version in force */
    public record Hello(String connection, int version) {
    }

    /** Somebody who has the vocabulary open. @param board empty while no board is shown */
    public record Here(long account, String name, String board) {
    }

    private final Map<Thing, Map<String, Watcher>> watchers = new ConcurrentHashMap<>();
    private final Rights rights;
    private final Supplier<String> ids;
    private final ExecutorService senders = Executors.newFixedThreadPool(SENDERS, work -> {
        Thread thread = new Thread(work, "live");
        thread.setDaemon(true);
        return thread;
    });
    private volatile boolean running;

    Live(Rights rights, Supplier<String> ids) {
        this.rights = rights;
        this.ids = ids;
    }

    /**
     * A connection that is told from now on.
     *
     * @param version the one in force is asked for after the connection is listed, so that nothing is missed in between
     */
    SseEmitter open(Thing thing, Account account, String board, Supplier<Integer> version) {
        if (!running) {
            throw new Problem(HttpStatus.SERVICE_UNAVAILABLE, "busy");
        }
        SseEmitter emitter = new SseEmitter(0L);
        Watcher watcher = new Watcher(ids.get(), thing, account, emitter, senders, this::gone);
        watcher.board = board;
        watchers.computeIfAbsent(thing, v -> new ConcurrentHashMap<>()).put(watcher.id, watcher);
        watcher.send("hello", new Hello(watcher.id, version.get()));
        // Asked again now that it is listed: a right taken away a moment ago would have been told to it no more.
        still(watcher);
        tellWhoIsHere(thing);
        return emitter;
    }

    /** A connection shows another board. */
    void moved(Thing thing, String connection, String board, Account account) {
        watcher(thing, connection, account).ifPresent(w -> {
            w.board = board;
            tellWhoIsHere(thing);
        });
    }

    /** A connection is closed by who had it. */
    void left(Thing thing, String connection, Account account) {
        watcher(thing, connection, account).ifPresent(Watcher::end);
    }

    /** Nobody speaks for somebody else's connection. */
    private Optional<Watcher> watcher(Thing thing, String connection, Account account) {
        return Optional.ofNullable(watchers.getOrDefault(thing, Map.of()).get(connection)).filter(w -> w.account.id() == account.id());
    }

    /** Once a change is on disk; never waits for anybody's network. */
    @EventListener
    void changed(Changed what) {
        Revised unnamed = new Revised(what.revised().version(), null, what.revised().documents());
        watchers.getOrDefault(what.thing(), Map.of()).values().forEach(w -> w.send("changed", w.looks ? what.revised() : unnamed));
    }

    private void tellWhoIsHere(Thing thing) {
        Map<String, Watcher> here = watchers.getOrDefault(thing, Map.of());
        List<Here> people = here.values().stream().map(w -> new Here(w.account.id(), w.account.name(), w.board)).distinct()
            .sorted(Comparator.comparing(Here::name, Names.order()).thenComparing(Here::account).thenComparing(Here::board)).toList();
        here.values().stream().filter(w -> w.looks).forEach(w -> w.send("here", people));
    }

    private void gone(Watcher watcher) {
        watchers.computeIfPresent(watcher.thing, (v, here) -> {
            here.remove(watcher.id);
            return here.isEmpty() ? null : here;
        });
        tellWhoIsHere(watcher.thing);
    }

    /** Finds out who is gone without a word, and lets nobody watch who may no longer. */
    private void beat() {
        while (running) {
            try {
                TimeUnit.SECONDS.sleep(BEAT_SECONDS);
            } catch (InterruptedException e) {
                return;
            }
            watchers.values().forEach(here -> here.values().forEach(w -> {
                if (still(w)) {
                    w.beat();
                }
            }));
        }
    }

    /** Whoever may no longer see it is told nothing more. */
    private boolean still(Watcher watcher) {
        try {
            Set<Act> acts = rights.acts(watcher.account, watcher.thing);
            if (acts.contains(Act.SEE)) {
                watcher.looks = acts.contains(Act.LOOK);
                return true;
            }
            watcher.end();
        } catch (RuntimeException trouble) {
            // The database may be busy for a while; the next beat asks again.
            LOG.warn("A beat was missed: {}", Trace.of(trouble));
        }
        return false;
    }

    /** A right taken away ends what it had open, at once and not with the next beat. */
    @EventListener
    void rightsChanged(RightsChanged changed) {
        watchers.values().forEach(here -> here.values().forEach(this::still));
    }

    @Override
    public void start() {
        running = true;
        Thread beat = new Thread(this::beat, "live beat");
        beat.setDaemon(true);
        beat.start();
    }

    /** Before the server waits for its last requests: these would never end by themselves. */
    @Override
    public void stop() {
        running = false;
        watchers.values().forEach(here -> here.values().forEach(Watcher::end));
    }

    @Override
    public boolean isRunning() {
        return running;
    }
}
