package org.dwimble.server.bench;

import java.nio.file.Files;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.ThreadLocalRandom;
import java.util.function.BiConsumer;
import org.dwimble.server.TestServer;
import org.dwimble.server.fuzz.Targets;

/**
 * Feeds what comes from outside with chance, so many minutes each, and tells the chance of whatever was neither taken nor refused with a sentence: for the list
 * in {@code FuzzTest}.
 *
 * <pre>Fuzz [minutes each]</pre>
 */
public final class Fuzz {
    private Fuzz() {
    }

    public static void main(String[] arguments) throws Exception {
        long nanos = (long) (Double.parseDouble(arguments[0]) * 60e9);
        Map<String, BiConsumer<Targets, Random>> targets = new LinkedHashMap<>();
        targets.put("packages", Targets::packages);
        targets.put("drawings", Targets::drawings);
        targets.put("pictures", Targets::pictures);
        targets.put("sounds", Targets::sounds);
        targets.put("edits", Targets::edits);
        try (AutoCloseable server = TestServer.running(Files.createTempDirectory("dwimble-fuzz"))) {
            Targets fed = new Targets();
            System.out.println("| fed with chance | times | neither taken nor refused with a sentence |");
            System.out.println("| --- | --- | --- |");
            for (Map.Entry<String, BiConsumer<Targets, Random>> target : targets.entrySet()) {
                long end = System.nanoTime() + nanos;
                int times = 0;
                StringBuilder found = new StringBuilder();
                for (; System.nanoTime() < end; times++) {
                    long chance = ThreadLocalRandom.current().nextLong();
                    try {
                        target.getValue().accept(fed, new Random(chance));
                    } catch (RuntimeException | AssertionError e) {
                        found.append(' ').append(chance);
                        System.err.println(target.getKey() + " " + chance + ": " + e.getMessage());
                    }
                }
                System.out.printf("| %s | %d | %s |%n", target.getKey(), times, found.isEmpty() ? "none" : found);
            }
        }
    }
}
