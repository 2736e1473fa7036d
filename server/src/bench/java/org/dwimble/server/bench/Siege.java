package org.dwimble.server.bench;

import java.io.IOException;
import java.io.InputStream;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.StringJoiner;
import java.util.concurrent.Callable;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.locks.LockSupport;
import java.util.regex.Pattern;
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
import org.dwimble.server.media.HostilePictures;
import org.dwimble.server.media.Photos;
import org.dwimble.server.obf.Zips;
import org.dwimble.server.student.StudentStore;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;

/**
 * What is sent to do harm, with 1 GiB of heap: how long until it is refused or served, and how long another person's edit takes meanwhile.
 * Prints a table of docs/reliability.md.
 *
 * <pre>Siege [a regular expression of names of what is sent; nothing for all] -- [flags of the server]</pre>
 */
public final class Siege {
    private static final int PEOPLE = 40;
    private static final int SLOW = 200;

    /** Something sent. @return what it was answered with */
    private interface Attack {
        Object send(Http by, int port) throws Exception;
    }

    private final List<Account> accounts = new ArrayList<>();
    private final List<Long> vocabularies = new ArrayList<>();
    private final List<String> words = new ArrayList<>();
    private final int[] versions = new int[PEOPLE];

    private final Pattern only;

    private Siege(Pattern only) {
        this.only = only;
    }

    public static void main(String[] arguments) throws Exception {
        List<String> flags = new ArrayList<>(List.of(arguments).subList(List.of(arguments).indexOf("--") + 1, arguments.length));
        flags.add("-Xmx1g");
        Path home = Files.createTempDirectory("dwimble-siege");
        Siege siege = new Siege(Pattern.compile("--".equals(arguments[0]) ? "" : arguments[0]));
        siege.school(home);
        try (ServerProcess server = ServerProcess.start(home, flags.toArray(String[]::new))) {
            List<Http> signedIn = siege.accounts.stream().map(a -> Http.as(a, server.port())).toList();
            siege.attacks(signedIn.get(1), signedIn.get(0), server.port());
            siege.slow(signedIn, server.port());
            siege.stop(signedIn.get(1), server);
        }
    }

    /** Told to stop while it draws and prints. */
    private void stop(Http busy, ServerProcess server) throws Exception {
        SiegeOfWork work = new SiegeOfWork(busy, vocabularies.get(1));
        Callable<String> jobs = work.all().get("that book, four as jobs at once").call();
        work.all().get("a book of 300 boards of 300 buttons, eight previews at once").call();
        jobs.call();
        long underWay = busy.get("/api/jobs").json().findValuesAsString("state").stream().filter("RUNNING"::equals).count();
        long begin = System.nanoTime();
        server.stop();
        System.out.printf("| told to stop while %d books are printed |  | %.1f s |  |  |%n", underWay, (System.nanoTime() - begin) / 1e9);
    }

    private void school(Path home) {
        Arrays.fill(versions, 1);
        try (ServletWebServerApplicationContext app = TestServer.inEarnest(home)) {
            VocabularyStore store = app.getBean(VocabularyStore.class);
            VocabularyStore.Kept starter = store.starters().get(1);
            starter.vocabulary().homeBoard().buttons().stream().filter(b -> b.isWord()).forEach(b -> words.add(b.id()));
            for (int i = 0; i < PEOPLE; i++) {
                Account account = app.getBean(AccountStore.class).create("person" + i, "Person " + i, "", TestServer.PASSWORD, false);
                accounts.add(account);
                Student student = new Student("student" + i, "Student " + i, 1, "", UsualScreen.COMMON.screen(), Appearance.USUAL);
                app.getBean(StudentStore.class).add(student, account.id());
                if (i > 0) {
                    app.getBean(StudentStore.class).join("student0", account.id(), Role.EDITOR);
                }
                vocabularies.add(store.copy(starter.id(), student.id(), "Words " + i, account.id(), Instant.now()));
            }
        }
    }

    private void attacks(Http attacker, Http worker, int port) throws Exception {
        // A connection that was left alone may be closed by now; asking for something finds out and makes another.
        worker.get("/api/session");
        for (int i = 0; i < 40; i++) {
            edit(worker, 0, i);
        }
        System.out.println("| sent | answered | in | another person's edit meanwhile, median | longest |");
        System.out.println("| --- | --- | --- | --- | --- |");
        row("boards of 446 MB in a package of under 1 MB", attacker, worker, port, upload("packages", boardsBomb()));
        row("6.5 million tiny buttons, 58 MB", attacker, worker, port, upload("packages", tinyButtons()));
        String large = "{\"base\":1,\"x\":\"" + "x".repeat(100 << 20) + "\"}";
        row("an edit of 100 MB", attacker, worker, port, (by, p) -> by.post("/api/vocabularies/" + vocabularies.get(1) + "/edits", large).status());
        row("103 sign-ins with names of 900 KB", attacker, worker, port, (by, p) -> {
            int status = 0;
            Http nobody = new Http(p);
            nobody.get("/api/session");
            for (int i = 0; i < 103; i++) {
                status = nobody.post("/api/session", "{\"signIn\":\"" + i + "x".repeat(900_000) + "\",\"password\":\"no\"}").status();
            }
            return status;
        });
        row("a PNG whose notes unpack to 1.5 GB", attacker, worker, port, picture(HostilePictures.withNote(Photos.png(40, 40), "zTXt", "a\0\0", 1_536)));
        row("a picture of 900 MB", attacker, worker, port, Siege::hugePicture);
        row("a picture of 100,000 x 100,000", attacker, worker, port, picture(HostilePictures.sayingItIs(100_000, Photos.png(40, 40))));
        row("a drawing that shows itself 2^30 times", attacker, worker, port, picture(utf8(HostilePictures.tree(30))));
        row("a package of 1,000 damaged pictures", attacker, worker, port, upload("packages", damagedPictures()));
        for (Map.Entry<String, Callable<Callable<String>>> work : new SiegeOfWork(attacker, vocabularies.get(1)).all().entrySet()) {
            if (!only.matcher(work.getKey()).find()) {
                continue;
            }
            Callable<String> sent = work.getValue().call();
            row(work.getKey(), attacker, worker, port, (by, p) -> sent.call());
        }
    }

    private void row(String name, Http attacker, Http worker, int port, Attack attack) throws Exception {
        if (!only.matcher(name).find()) {
            return;
        }
        ConcurrentLinkedQueue<Double> edits = new ConcurrentLinkedQueue<>();
        String[] answered = new String[1];
        double[] took = new double[1];
        Thread sending = new Thread(() -> {
            attacker.get("/api/session");
            long begin = System.nanoTime();
            try {
                answered[0] = String.valueOf(attack.send(attacker, port));
            } catch (Exception e) {
                answered[0] = "closed: " + e.getMessage();
            }
            took[0] = (System.nanoTime() - begin) / 1e9;
        });
        sending.start();
        for (int i = 0; sending.isAlive() || edits.size() < 20; i++) {
            edits.add(edit(worker, 0, i));
            LockSupport.parkNanos(20_000_000);
        }
        sending.join();
        List<Double> sorted = new ArrayList<>(edits);
        Collections.sort(sorted);
        System.out.printf("| %s | %s | %.1f s | %.0f ms | %.0f ms |%n", name, answered[0], took[0], sorted.get(sorted.size() / 2),
            sorted.get(sorted.size() - 1));
    }

    /** Of a word of a person's own boards, by that person alone. */
    private double edit(Http by, int person, int n) {
        long begin = System.nanoTime();
        Http.Answer answer = by.post("/api/vocabularies/" + vocabularies.get(person) + "/edits", "{\"base\":" + versions[person]
            + ",\"edit\":{\"type\":\"give-label\",\"board\":\"home\",\"button\":\""
            + words.get(n % words.size()) + "\",\"label\":\"w" + System.nanoTime() + "\"}}");
        if (answer.status() != 200) {
            throw new IllegalStateException(answer.status() + " " + answer.sentence());
        }
        versions[person]++;
        return (System.nanoTime() - begin) / 1e6;
    }

    /** Forty people who edit every second, and two hundred connections that do not get to the point, made anew when they are closed. */
    private void slow(List<Http> signedIn, int port) throws Exception {
        long end = System.nanoTime() + 30_000_000_000L;
        List<Thread> threads = new ArrayList<>();
        for (int i = 0; i < SLOW; i++) {
            int kind = i % 3;
            threads.add(new Thread(() -> drip(port, kind, end)));
        }
        ConcurrentLinkedQueue<Double> edits = new ConcurrentLinkedQueue<>();
        for (int i = 0; i < PEOPLE; i++) {
            int person = i;
            threads.add(new Thread(() -> {
                LockSupport.parkNanos(person * 25_000_000L);
                for (int n = 0; System.nanoTime() < end; n++) {
                    edits.add(edit(signedIn.get(person), person, n));
                    LockSupport.parkNanos(1_000_000_000L);
                }
            }));
        }
        threads.forEach(Thread::start);
        for (Thread thread : threads) {
            thread.join();
        }
        List<Double> sorted = new ArrayList<>(edits);
        Collections.sort(sorted);
        System.out.printf("| %d people, an edit a second each, and %d slow connections, 30 s | %d edits |  | %.0f ms | %.0f ms |%n", PEOPLE, SLOW,
            sorted.size(),
            sorted.get(sorted.size() / 2), sorted.get(sorted.size() - 1));
    }

    private static void drip(int port, int kind, long end) {
        String head = switch (kind) {
            case 0 -> "GET / HTTP/1.1\r\nHost: a\r\nX-Slow: ";
            case 1 -> "POST /api/session HTTP/1.1\r\nHost: a\r\nContent-Type: application/json\r\nContent-Length: 100000\r\n\r\n{";
            default -> "POST /api/own-pictures HTTP/1.1\r\nHost: a\r\nContent-Type: multipart/form-data; boundary=x\r\nContent-Length: 100000\r\n\r\n--x\r\n";
        };
        while (System.nanoTime() < end) {
            try (Socket socket = new Socket("localhost", port)) {
                socket.getOutputStream().write(head.getBytes(StandardCharsets.US_ASCII));
                while (System.nanoTime() < end) {
                    socket.getOutputStream().write('x');
                    LockSupport.parkNanos(500_000_000L);
                }
            } catch (IOException closed) {
                LockSupport.parkNanos(100_000_000L);
            }
        }
    }

    private static Attack upload(String where, byte[] file) {
        return (by, port) -> by.upload("/api/students/student1/" + where, "x.obz", file).status();
    }

    private static Attack picture(byte[] file) {
        return (by, port) -> by.upload("/api/own-pictures?words=x&audience=MINE", "x.png", file).status();
    }

    private static int hugePicture(Http by, int port) throws IOException {
        try (Socket socket = new Socket("localhost", port)) {
            socket.setSoTimeout(20_000);
            socket.getOutputStream().write(("POST /api/own-pictures HTTP/1.1\r\nHost: localhost\r\nCookie: dwimble=" + by.cookie("dwimble")
                + "; XSRF-TOKEN=" + by.cookie("XSRF-TOKEN")
                + "\r\nX-XSRF-TOKEN: " + by.cookie("XSRF-TOKEN") + "\r\nContent-Type: multipart/form-data; boundary=x\r\nContent-Length: " + (900L << 20)
                + "\r\n\r\n--x\r\nContent-Disposition: form-data; name=\"file\"; filename=\"a.png\"\r\n\r\n").getBytes(StandardCharsets.US_ASCII));
            InputStream in = socket.getInputStream();
            return Integer.parseInt(new String(in.readNBytes(12), StandardCharsets.US_ASCII).substring(9));
        }
    }

    private static byte[] tinyButtons() {
        return ("{\"buttons\":[" + "{\"id\":1},".repeat(6_500_000) + "{}]}").getBytes(StandardCharsets.US_ASCII);
    }

    private static byte[] boardsBomb() {
        Map<String, byte[]> files = new LinkedHashMap<>();
        StringJoiner paths = new StringJoiner(",");
        for (int i = 0; i < 9; i++) {
            paths.add("\"b" + i + "\":\"b" + i + ".obf\"");
            files.put("b" + i + ".obf", utf8("{\"id\":\"b" + i + "\",\"name\":\"N\",\"buttons\":[],\"x\":\"" + " ".repeat(50 << 20) + "\"}"));
        }
        files.put("manifest.json", utf8("{\"root\":\"b0.obf\",\"paths\":{\"boards\":{" + paths + "}}}"));
        return Zips.of(files);
    }

    private static byte[] damagedPictures() {
        byte[] half = Arrays.copyOf(Photos.png(300, 300), 400);
        Map<String, byte[]> files = new LinkedHashMap<>();
        StringJoiner images = new StringJoiner(",");
        for (int i = 0; i < 1_000; i++) {
            images.add("{\"id\":\"" + i + "\",\"path\":\"i" + i + "\"}");
            byte[] other = half.clone();
            other[390] = (byte) i;
            other[391] = (byte) (i >> 8);
            files.put("i" + i, other);
        }
        files.put("b.obf", utf8("{\"id\":\"b\",\"name\":\"N\",\"buttons\":[{\"id\":\"1\",\"label\":\"a\",\"image_id\":\"1\"}],\"images\":[" + images
            + "],\"grid\":{\"rows\":1,\"columns\":1,\"order\":[[\"1\"]]}}"));
        files.put("manifest.json", utf8("{\"root\":\"b.obf\",\"paths\":{\"boards\":{\"b\":\"b.obf\"}}}"));
        return Zips.of(files);
    }

    private static byte[] utf8(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }
}
