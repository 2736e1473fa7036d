package org.dwimble.core.text;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Stream;

/** Lists that ship beside a class, as text in UTF-8 that people write by hand: {@code #} begins a comment line. */
public final class Listed {
    private Listed() {
    }

    /**
     * The lines of a list in their order, as they stand; comments and blank lines are left out.
     *
     * @throws NullPointerException if there is no such list: a mistake in the program
     */
    public static List<String> lines(Class<?> beside, String file) {
        try (BufferedReader in = new BufferedReader(new InputStreamReader(beside.getResourceAsStream(file), StandardCharsets.UTF_8))) {
            return in.lines().filter(l -> !l.isBlank() && !l.stripLeading().startsWith("#")).toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** As {@link #lines}, each parted by tabs. */
    public static List<List<String>> rows(Class<?> beside, String file) {
        return lines(beside, file).stream().map(line -> List.of(line.split("\t"))).toList();
    }

    /** Words parted by commas, trimmed; empty ones are left out. */
    public static List<String> words(String line) {
        return Stream.of(line.split(",")).map(String::strip).filter(w -> !w.isEmpty()).toList();
    }
}
