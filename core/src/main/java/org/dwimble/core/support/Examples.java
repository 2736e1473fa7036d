package org.dwimble.core.support;

import java.util.List;
import org.dwimble.core.text.Listed;

/** Filled-in lists to begin with, of the estuary school, as {@code examples.tsv} has them: support, name and words parted by tabs. */
public final class Examples {
    private static final int PARTS = 3;

    /** @param support by its name @param words as they would be typed */
    public record Example(String support, String name, String words) {
        public Example {
            Offered.usual(support);
        }
    }

    private Examples() {
    }

    /** In the order of the file. @throws IllegalStateException naming the line that is none */
    public static List<Example> all() {
        return Listed.lines(Examples.class, "examples.tsv").stream().map(line -> {
            String[] parts = line.split("\t");
            if (parts.length != PARTS) {
                throw new IllegalStateException("examples.tsv: “" + line + "” is no support, name and words parted by tabs");
            }
            return new Example(parts[0], parts[1], parts[2]);
        }).toList();
    }
}
