package org.dwimble.core.voice;

import java.util.List;
import java.util.stream.Stream;
import org.dwimble.core.text.Listed;

/**
 * A short thing to say that is ready.
 *
 * @param purpose what it is for
 */
public record Quip(String purpose, String text, Manner manner) {
    /** All there are, by what they are for, in English. */
    public static final List<Quip> ALL = Listed.rows(Quip.class, "quips.tsv").stream().map(Quip::of).toList();

    private static Quip of(List<String> row) {
        if (row.size() != 3) {
            throw new IllegalStateException("quips.tsv: what is “" + row + "”?");
        }
        Manner manner = Stream.of(Manner.values()).filter(m -> m.word().equals(row.get(2))).findFirst()
            .orElseThrow(() -> new IllegalStateException("quips.tsv: there is no manner " + row.get(2)));
        return new Quip(row.get(0), row.get(1), manner);
    }
}
