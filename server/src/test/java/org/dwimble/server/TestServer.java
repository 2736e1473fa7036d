package org.dwimble.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Objects;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import org.dwimble.core.grant.Role;
import org.dwimble.core.screen.Screen;
import org.dwimble.core.student.Student;
import org.dwimble.server.account.Account;
import org.dwimble.server.account.AccountStore;
import org.dwimble.server.account.QuickPasswords;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.student.StudentStore;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.util.FileSystemUtils;

/**
 * The real application on a folder of its own, started once for all tests of a process and stopped with it. Each
 * test makes the accounts and students it needs, with names nobody else has.
 */
public final class TestServer implements BeforeAllCallback {
    public static final String PASSWORD = "a long enough password";
    private static final Path MEMORY = Path.of("/dev/shm");
    private static final long ROOM = 1L << 30;
    private static final AtomicInteger NUMBER = new AtomicInteger();
    private static ServletWebServerApplicationContext running;

    @Override
    public void beforeAll(ExtensionContext context) {
        once();
    }

    /** Surefire hands a process one class after the other, each as a run of its own: what all share lives as long as the process. */
    private static synchronized void once() {
        if (running != null) {
            return;
        }
        try {
            Path home = folder();
            AutoCloseable started = running(home);
            AtTheEnd.of(() -> {
                started.close();
                FileSystemUtils.deleteRecursively(home);
            });
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** In memory where there is room: what the whole suite writes would else wait for a slow or busy disk. What is about disks has its own folders. */
    private static Path folder() throws IOException {
        boolean room = Files.isWritable(MEMORY) && Files.getFileStore(MEMORY).getUsableSpace() >= ROOM;
        return room ? Files.createTempDirectory(MEMORY, "dwimble-test") : Files.createTempDirectory("dwimble-test");
    }

    /** The one that all share, with the demo school. */
    public static AutoCloseable running(Path home) {
        running = start(home, "--spring.profiles.active=demo");
        return () -> running.close();
    }

    /** An application of a test's own. */
    public static ServletWebServerApplicationContext start(Path home, String... more) {
        SpringApplication application = App.application();
        application.addPrimarySources(Set.of(QuickPasswords.class));
        return start(application, home, more);
    }

    /** With nothing made quicker than a school has it, for what is measured. */
    public static ServletWebServerApplicationContext inEarnest(Path home) {
        return start(App.application(), home);
    }

    private static ServletWebServerApplicationContext start(SpringApplication application, Path home, String... more) {
        Objects.requireNonNull(home, "a folder of its own");
        String[] arguments = new String[more.length + 2];
        arguments[0] = "--server.port=0";
        arguments[1] = "--dwimble.home=" + home;
        System.arraycopy(more, 0, arguments, 2, more.length);
        ConfigurableApplicationContext context = application.run(arguments);
        return (ServletWebServerApplicationContext) context;
    }

    public static <T> T bean(Class<T> type) {
        return running.getBean(type);
    }

    public static ServletWebServerApplicationContext context() {
        return running;
    }

    public static int port() {
        return running.getWebServer().getPort();
    }

    public static String address() {
        return "http://localhost:" + port();
    }

    public static Account account(String name) {
        return bean(AccountStore.class).create(name + NUMBER.incrementAndGet(), name, "teacher", PASSWORD, false);
    }

    public static Student student(String name, Account owner) {
        Student student = new Student("s" + NUMBER.incrementAndGet(), name, 1, "Kittiwake", Screen.ofDiagonal(10.2, 4, 3),
            org.dwimble.core.picture.Appearance.USUAL);
        bean(StudentStore.class).add(student, owner.id());
        return student;
    }

    public static void join(Student student, Account account, Role role) {
        bean(StudentStore.class).join(student.id(), account.id(), role);
    }

    /** A copy of a starter for a student. */
    public static long copy(String starter, Student student, Account by) {
        return copy(starter, student, by, java.time.Instant.now());
    }

    /** As above, made at another time. */
    public static long copy(String starter, Student student, Account by, java.time.Instant at) {
        VocabularyStore store = bean(VocabularyStore.class);
        long from = store.starters().stream().filter(s -> starter.equals(s.starter())).findFirst().orElseThrow().id();
        return store.copy(from, student.id(), student.name() + "’s words", by.id(), at);
    }
}
