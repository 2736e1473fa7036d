package org.dwimble.server.job;

import java.io.BufferedOutputStream;
import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.BooleanSupplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.dwimble.core.grant.Need;
import org.dwimble.core.obf.Refused;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.server.account.Account;
import org.dwimble.server.database.Database;
import org.dwimble.server.database.DatabaseTrouble;
import org.dwimble.server.database.Room;
import org.dwimble.server.database.Session;
import org.dwimble.server.grant.Rights;
import org.dwimble.server.limit.Turns;
import org.dwimble.server.problem.Problem;
import org.dwimble.server.told.Trace;
import org.dwimble.server.told.Wording;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Does long work beside everything else, at most {@value #AT_ONCE} pieces at once. What comes of it is kept for {@link #KEPT} in a
 * folder beside the database, for who asked for it alone. Work that a stop of the program cut short is told as that.
 */
@Component
public class Jobs implements SmartInitializingSingleton, DisposableBean {
    public static final Duration KEPT = Duration.ofDays(1);
    private static final int AT_ONCE = 2;
    private static final Logger LOG = LoggerFactory.getLogger(Jobs.class);

    /** What comes of work. @param told as JSON, beside the file or instead of it; null for nothing */
    public record Result(@Nullable String file, @Nullable String type, @Nullable String told) {
        public static Result file(String name, String type) {
            return new Result(name, type, null);
        }
    }

    /** Writes what comes of it, if that is a file, and tells its progress. */
    @FunctionalInterface
    public interface Work {
        Result run(OutputStream out, Progress progress) throws Exception;

        /** Called instead of {@link #run} if it is ended before it was begun: what was put ready for it goes. */
        default void never() {
        }
    }

    private final Database database;
    private final Rights rights;
    private final Turns turns;
    private final Wording wording;
    private final Clock clock;
    private final Path folder;
    private final ExecutorService workers = Executors.newFixedThreadPool(AT_ONCE, work -> {
        Thread worker = new Thread(work, "job");
        worker.setDaemon(true);
        worker.setPriority(Thread.MIN_PRIORITY);
        return worker;
    });
    private final Map<Long, Job> running = new ConcurrentHashMap<>();
    private final Map<Long, Boolean> ended = new ConcurrentHashMap<>();
    /** Work no worker has taken up yet; who removes it from here has it. */
    private final Map<Long, Work> waiting = new ConcurrentHashMap<>();

    Jobs(Database database, Rights rights, Turns turns, Wording wording, Clock clock, @Value("${dwimble.home}") Path home) throws IOException {
        this.database = database;
        this.rights = rights;
        this.turns = turns;
        this.wording = wording;
        this.clock = clock;
        this.folder = Files.createDirectories(home.resolve("jobs"));
    }

    /** What ran when the program was stopped is told as cut short, and what was written of it is cleared away. */
    @Override
    public void afterSingletonsInstantiated() {
        database.read(session -> session.list("SELECT id FROM job WHERE state = 'RUNNING'", row -> row.getLong(1))).forEach(id -> delete(path(id)));
        try {
            database.write(session -> session.update("UPDATE job SET state = 'FAILED', told = ? WHERE state = 'RUNNING'",
                wording.of(Told.of("job-cut-short"))));
            sweep();
        } catch (DatabaseTrouble trouble) {
            // A full disk keeps nobody from reading.
            LOG.warn("Work that was cut short could not be written down as that: {}", trouble.getMessage());
        }
    }

    /**
     * @param needs what has to be allowed still by who fetches the result
     * @param what  as it is told to the person
     */
    public Job start(long account, List<Need> needs, String what, Work work) {
        String needed = needs.stream().map(Need::written).collect(Collectors.joining(" "));
        turns.begin(account);
        try {
            sweep();
            Instant now = clock.instant();
            long id = database
                .write(session -> session.insert("INSERT INTO job (account_id, needs, what, state, made_at) VALUES (?, ?, ?, 'RUNNING', ?) RETURNING id",
                    account, needed, what, now.toString()));
            Job job = new Job(id, account, needed, what, Job.State.RUNNING, 0, 0, null, null, null, now);
            running.put(id, job);
            waiting.put(id, work);
            workers.execute(() -> run(job, work));
            return job;
        } catch (RuntimeException | Error e) {
            turns.end(account);
            throw e;
        }
    }

    private void run(Job job, Work work) {
        if (waiting.remove(job.id()) == null) {
            return;
        }
        Path file = path(job.id());
        try {
            Progress progress = new Progress() {
                @Override
                public void told(int done, int of) {
                    goOn();
                    running.computeIfPresent(job.id(), (id, j) -> j.at(done, of));
                }

                @Override
                public void goOn() {
                    if (ended.containsKey(job.id())) {
                        throw new CancellationException();
                    }
                }
            };
            progress.told(0, 0);
            Result result;
            try (OutputStream out = new Watched(Files.newOutputStream(file), () -> ended.containsKey(job.id()))) {
                result = work.run(out, progress);
            }
            progress.told(1, 1);
            over(job, Job.State.DONE, result);
        } catch (CancellationException cancelled) {
            over(job, Job.State.CANCELLED, new Result(null, null, null));
        } catch (Unacceptable refused) {
            over(job, Job.State.FAILED, new Result(null, null, wording.of(refused.told())));
        } catch (Refused refused) {
            over(job, Job.State.FAILED, new Result(null, null, wording.of(refused.told())));
        } catch (Problem problem) {
            over(job, Job.State.FAILED, new Result(null, null, wording.of(problem.told())));
        } catch (Exception | OutOfMemoryError e) {
            boolean full = Room.isNone(e);
            LOG.error("Job {} failed: {}", job.id(), full ? "the disk is full" : Trace.of(e));
            over(job, Job.State.FAILED,
                new Result(null, null, wording.of(full ? Told.of("job-disk-full", "megabytes", written(file) + 1) : Told.of("job-failed"))));
        }
    }

    /** Megabytes. */
    private static long written(Path file) {
        try {
            return Files.size(file) >> 20;
        } catch (IOException none) {
            return 0;
        }
    }

    private void over(Job job, Job.State state, Result result) {
        try {
            if (state != Job.State.DONE || result.file() == null) {
                Files.deleteIfExists(path(job.id()));
            }
            database.write(session -> session.update("UPDATE job SET state = ?, file = ?, type = ?, told = ? WHERE id = ?", state.name(),
                result.file(), result.type(), result.told(), job.id()));
            running.remove(job.id());
        } catch (IOException | RuntimeException e) {
            // As on a full disk: what came of it is told as long as Dwimble runs.
            LOG.error("Job {} could not be written down as ended: {}", job.id(), Room.isNone(e) ? "the disk is full" : Trace.of(e));
            running.put(job.id(), job.ended(state, result.file(), result.type(), result.told()));
        } finally {
            ended.remove(job.id());
            turns.end(job.account());
        }
    }

    private Path path(long id) {
        return folder.resolve(id + ".result");
    }

    /** Its state now, with how far it is. @throws Problem if this person has no such work, or may not see any more what it shows */
    public Job of(long id, Account account) {
        Job now = running.get(id);
        Job job = now != null ? now : database.read(session -> session.first(ALL + " WHERE id = ?", JOB, id)).orElse(null);
        if (job == null || job.account() != account.id() || job.at().plus(KEPT).isBefore(clock.instant()) || !seen(job, account)) {
            throw Problem.notFound("job");
        }
        return job;
    }

    /** A person's work of the last day, the latest first. */
    public List<Job> of(Account account) {
        return database.read(session -> session.list(ALL + " WHERE account_id = ? AND made_at >= ? ORDER BY id DESC", JOB, account.id(),
            clock.instant().minus(KEPT).toString())).stream().map(j -> running.getOrDefault(j.id(), j)).filter(j -> seen(j, account)).toList();
    }

    private boolean seen(Job job, Account account) {
        return job.needs().isEmpty() || Stream.of(job.needs().split(" ")).allMatch(need -> Need.read(need).filter(n -> rights.may(account, n)).isPresent());
    }

    /** The file that came of it. */
    public Path result(Job job) {
        return Optional.of(path(job.id())).filter(p -> job.file() != null && Files.exists(p)).orElseThrow(() -> Problem.notFound("job"));
    }

    /** Ends work that runs or waits. What is done by now stays: who ends it in that moment loses nothing. */
    public void end(long id, Account account) {
        Job job = of(id, account);
        Work unbegun = waiting.remove(id);
        if (unbegun != null) {
            unbegun.never();
            over(job, Job.State.CANCELLED, new Result(null, null, null));
            return;
        }
        // Under the same lock as its end is written, so that nothing is marked that is over.
        running.computeIfPresent(id, (same, now) -> {
            if (now.state() == Job.State.RUNNING) {
                ended.put(id, true);
            }
            return now;
        });
    }

    /** Forgets work that is done, with its file; work that runs or waits is ended first. */
    public void forget(long id, Account account) {
        Job job = of(id, account);
        if (job.state() == Job.State.RUNNING) {
            end(id, account);
            return;
        }
        running.remove(id);
        database.write(session -> session.update("DELETE FROM job WHERE id = ?", job.id()));
        delete(path(id));
    }

    private static final String ALL = "SELECT id, account_id, needs, what, state, file, type, told, made_at FROM job";
    private static final Session.Row<Job> JOB = row -> new Job(row.getLong("id"), row.getLong("account_id"), row.getString("needs"), row.getString("what"),
        Job.State.valueOf(row.getString("state")), 0, 0, row.getString("file"), row.getString("type"), row.getString("told"),
        Instant.parse(row.getString("made_at")));

    /** Away with what is older than a day. */
    private void sweep() {
        String before = clock.instant().minus(KEPT).toString();
        database.write(session -> session.update("DELETE FROM job WHERE made_at < ? AND state <> 'RUNNING'", before));
        try (Stream<Path> listed = Files.list(folder)) {
            // The files first: work that is begun meanwhile has its row before its file.
            List<Path> files = listed.toList();
            Set<Long> known = database.read(session -> session.list("SELECT id FROM job", row -> row.getLong(1))).stream().collect(Collectors.toSet());
            files.stream().filter(f -> !known.contains(number(f))).forEach(Jobs::delete);
        } catch (IOException e) {
            LOG.warn("Results of old work could not be looked through: {}", e.getMessage());
        }
    }

    private static long number(Path file) {
        String name = file.getFileName().toString();
        return name.matches("\\d{1,15}\\.result") ? Long.parseLong(name.substring(0, name.indexOf('.'))) : -1;
    }

    private static void delete(Path file) {
        try {
            Files.deleteIfExists(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Before anything else of the program goes: work ends itself where it looks at that. */
    @EventListener
    void closing(ContextClosedEvent event) {
        waiting.clear();
        running.keySet().forEach(id -> ended.put(id, true));
    }

    @Override
    public void destroy() {
        waiting.clear();
        running.keySet().forEach(id -> ended.put(id, true));
        workers.shutdownNow();
    }

    /** Stops who writes on, once it is ended. */
    private static final class Watched extends FilterOutputStream {
        private final BooleanSupplier ended;

        Watched(OutputStream out, BooleanSupplier ended) {
            super(new BufferedOutputStream(out));
            this.ended = ended;
        }

        @Override
        public void write(byte[] bytes, int from, int length) throws IOException {
            if (ended.getAsBoolean()) {
                throw new CancellationException();
            }
            out.write(bytes, from, length);
        }
    }
}
