package org.dwimble.server.bench;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.LockSupport;
import org.dwimble.core.grant.Role;
import org.dwimble.core.picture.Appearance;
import org.dwimble.core.screen.UsualScreen;
import org.dwimble.core.student.Student;
import org.dwimble.server.Http;
import org.dwimble.server.ServerProcess;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.dwimble.server.account.AccountStore;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.student.StudentStore;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;

/**
 * Forty people at once, and processes killed under their hands; prints the tables of docs/reliability.md. The server runs
 * in a process of its own with the flags given after {@code --}; who loads it shares the machine with it.
 *
 * <pre>Load [people] [seconds a scene] [rounds of killing] -- [flags of the server]</pre>
 */
public final class Load {
    private static final List<String> BOARDS = List.of("eating", "play", "animals");

    /** A button somebody edits. */
    private record Word(String board, String button) {
    }

    private final int people;
    private final int seconds;
    private final String[] flags;
    private final List<Account> accounts = new ArrayList<>();
    private final List<Long> own = new ArrayList<>();
    private final List<Word> words = new ArrayList<>();
    private long shared;

    private Load(int people, int seconds, String[] flags) {
        this.people = people;
        this.seconds = seconds;
        this.flags = flags;
    }

    public static void main(String[] arguments) throws Exception {
        List<String> all = List.of(arguments);
        int dashes = all.indexOf("--");
        Load load = new Load(Integer.parseInt(all.get(0)), Integer.parseInt(all.get(1)), all.subList(dashes + 1, all.size()).toArray(String[]::new));
        Path home = Files.createTempDirectory("dwimble-load");
        load.school(home);
        System.out.println("| scene | edits a second | median | p95 | refused or failed |");
        System.out.println("| --- | --- | --- | --- | --- |");
        try (ServerProcess server = ServerProcess.start(home, load.flags)) {
            List<Http> signedIn = load.accounts.stream().map(a -> Http.as(a, server.port())).toList();
            load.scene("warming up", signedIn, false, 0, Math.min(10, load.seconds));
            load.scene("one vocabulary, flat out", signedIn, true, 0, load.seconds);
            load.scene("%d vocabularies, flat out".formatted(load.people), signedIn, false, 0, load.seconds);
            load.scene("one vocabulary, one edit every 3 s each", signedIn, true, 3_000, load.seconds);
            load.scene("%d vocabularies, one edit every 3 s each".formatted(load.people), signedIn, false, 3_000, load.seconds);
        }
        load.kills(home, Integer.parseInt(all.get(2)));
    }

    /** The people, the student they all work with, and a student each has alone. */
    private void school(Path home) {
        try (ServletWebServerApplicationContext app = TestServer.inEarnest(home)) {
            VocabularyStore store = app.getBean(VocabularyStore.class);
            StudentStore students = app.getBean(StudentStore.class);
            VocabularyStore.Kept starter = store.starters().get(1);
            BOARDS.forEach(board -> starter.vocabulary().boards().get(board).buttons().stream().filter(b -> b.isWord())
                .forEach(b -> words.add(new Word(board, b.id()))));
            for (int i = 0; i < people; i++) {
                Account account = app.getBean(AccountStore.class).create("person" + i, "Person " + i, "", TestServer.PASSWORD, false);
                accounts.add(account);
                Student student = new Student("student" + i, "Student " + i, 1, "", UsualScreen.COMMON.screen(), Appearance.USUAL);
                students.add(student, account.id());
                own.add(store.copy(starter.id(), student.id(), "Words " + i, account.id(), Instant.now()));
                if (i == 0) {
                    shared = store.copy(starter.id(), student.id(), "Shared", account.id(), Instant.now());
                } else {
                    students.join("student0", account.id(), Role.EDITOR);
                }
            }
        }
    }

    private void scene(String name, List<Http> signedIn, boolean together, int pauseMillis, int length) throws InterruptedException {
        ConcurrentLinkedQueue<Double> millis = new ConcurrentLinkedQueue<>();
        AtomicInteger failed = new AtomicInteger();
        long end = System.nanoTime() + length * 1_000_000_000L;
        List<Thread> threads = new ArrayList<>();
        for (int i = 0; i < people; i++) {
            int person = i;
            threads.add(new Thread(() -> {
                long vocabulary = together ? shared : own.get(person);
                int base = version(signedIn.get(person), vocabulary);
                LockSupport.parkNanos(pauseMillis * 1_000_000L * person / people);
                for (int n = 0; System.nanoTime() < end; n++) {
                    long begin = System.nanoTime();
                    Http.Answer answer = signedIn.get(person)
                        .post("/api/vocabularies/" + vocabulary + "/edits",
                            edit(base, words.get((person + (together ? 0 : n)) % words.size()), name.hashCode() % 1000 + " " + person + " " + n));
                    millis.add((System.nanoTime() - begin) / 1e6);
                    if (answer.status() == 200) {
                        base = version(answer);
                    } else {
                        failed.incrementAndGet();
                        base = version(signedIn.get(person), vocabulary);
                    }
                    LockSupport.parkNanos(Math.max(0, pauseMillis * 1_000_000L - (System.nanoTime() - begin)));
                }
            }));
        }
        threads.forEach(Thread::start);
        for (Thread thread : threads) {
            thread.join();
        }
        List<Double> sorted = new ArrayList<>(millis);
        Collections.sort(sorted);
        System.out.printf("| %s | %.0f | %.0f ms | %.0f ms | %d of %d |%n", name, sorted.size() / (double) length, sorted.get(sorted.size() / 2),
            sorted.get(sorted.size() * 95 / 100), failed.get(), sorted.size());
    }

    private static String edit(int base, Word word, String label) {
        return "{\"base\":" + base + ",\"edit\":{\"type\":\"give-label\",\"board\":\"" + word.board + "\",\"button\":\"" + word.button
            + "\",\"label\":\"" + label + "\"}}";
    }

    private static int version(Http http, long vocabulary) {
        return version(http.get("/api/vocabularies/" + vocabulary));
    }

    /** The version in an answer, found without reading all of it: the load should be the server's. */
    private static int version(Http.Answer answer) {
        String text = new String(answer.body(), java.nio.charset.StandardCharsets.ISO_8859_1);
        int at = text.lastIndexOf("\"version\":") + 10;
        int end = at;
        while (end < text.length() && Character.isDigit(text.charAt(end))) {
            end++;
        }
        return Integer.parseInt(text.substring(at, end));
    }

    /** Rounds of kill -9 under a stream of edits by eight people; after each start every acknowledged edit has to be there. */
    private void kills(Path home, int rounds) throws InterruptedException {
        int acknowledged = 0;
        int lost = 0;
        for (int round = 0; round < rounds; round++) {
            Set<String> labels = Collections.synchronizedSet(new HashSet<>());
            try (ServerProcess server = ServerProcess.start(home, flags)) {
                List<Thread> threads = new ArrayList<>();
                AtomicInteger done = new AtomicInteger();
                for (int i = 0; i < 8; i++) {
                    int person = i;
                    String name = round + " " + i;
                    Thread thread = new Thread(() -> {
                        try {
                            Http http = Http.as(accounts.get(person), server.port());
                            int base = version(http, shared);
                            for (int n = 0; n < 10_000; n++) {
                                Http.Answer answer = http.post("/api/vocabularies/" + shared + "/edits", edit(base, words.get(person), "k" + name + " " + n));
                                if (answer.status() != 200) {
                                    return;
                                }
                                labels.add("k" + name + " " + n);
                                base = version(answer);
                                done.incrementAndGet();
                            }
                        } catch (RuntimeException killed) {
                            // the server is gone, as meant
                        }
                    });
                    threads.add(thread);
                    thread.start();
                }
                int enough = 40 + new Random(round).nextInt(200);
                while (done.get() < enough && threads.stream().anyMatch(Thread::isAlive)) {
                    LockSupport.parkNanos(1_000_000);
                }
                server.kill();
                for (Thread thread : threads) {
                    thread.join();
                }
            }
            try (ServletWebServerApplicationContext again = TestServer.inEarnest(home)) {
                Set<Object> kept = new HashSet<>();
                again.getBean(VocabularyStore.class).versions(shared, 100_000).forEach(v -> kept.add(v.told().with().getOrDefault("label", "")));
                lost += (int) labels.stream().filter(l -> !kept.contains(l)).count();
            }
            acknowledged += labels.size();
        }
        System.out.println();
        System.out.printf("Killed %d times under edits: %,d edits were acknowledged, %d of them were lost.%n", rounds, acknowledged, lost);
    }
}
