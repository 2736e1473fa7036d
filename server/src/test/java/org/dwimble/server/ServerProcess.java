package org.dwimble.server;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The application in a process of its own, that can be killed without warning. */
public final class ServerProcess implements AutoCloseable {
    private static final Pattern PORT = Pattern.compile("started on port (\\d+)");

    private final Process process;
    private final int port;

    private ServerProcess(Process process, int port) {
        this.process = process;
        this.port = port;
    }

    private static void drain(BufferedReader out) {
        try {
            for (String line = out.readLine(); line != null; line = out.readLine()) {
                System.out.println("server: " + line);
            }
        } catch (IOException ended) {
            System.out.println("server: (ended)");
        }
    }

    /** From the class path of whoever starts it, on a port of its own. Returns once it answers. */
    public static ServerProcess start(Path home, String... flags) {
        return on(0, home, flags);
    }

    /** The same, where another was before. */
    public static ServerProcess on(int port, Path home, String... flags) {
        List<String> command = new ArrayList<>(List.of(System.getProperty("java.home") + "/bin/java"));
        command.addAll(List.of(flags));
        command.addAll(List.of("-cp", System.getProperty("java.class.path"), "org.dwimble.server.App", "--server.port=" + port, "--dwimble.home=" + home,
            "--logging.level.org.springframework.boot.jetty=INFO"));
        try {
            Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
            BufferedReader out = new BufferedReader(new InputStreamReader(process.getInputStream()));
            StringBuilder said = new StringBuilder();
            for (String line = out.readLine(); line != null; line = out.readLine()) {
                said.append(line).append('\n');
                Matcher found = PORT.matcher(line);
                if (found.find()) {
                    Thread drain = new Thread(() -> drain(out));
                    drain.setDaemon(true);
                    drain.start();
                    return new ServerProcess(process, Integer.parseInt(found.group(1)));
                }
            }
            throw new IllegalStateException("The server did not start:\n" + said);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public int port() {
        return port;
    }

    /** As kill -9 does; returns once it is gone. */
    public void kill() {
        process.destroyForcibly();
        gone(20);
    }

    /** As a person who stops it does; returns once it is gone. */
    public void stop() {
        process.destroy();
        gone(120);
    }

    private void gone(int seconds) {
        try {
            if (!process.waitFor(seconds, TimeUnit.SECONDS)) {
                throw new IllegalStateException("The server cannot be stopped.");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    @Override
    public void close() {
        kill();
    }
}
