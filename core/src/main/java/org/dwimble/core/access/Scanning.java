package org.dwimble.core.access;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * How a student who uses switches chooses: what there is lights up in turn, and a switch takes what is lit.
 *
 * @param stepMs    how long each is lit, {@value #LEAST_STEP_MS} to {@value #MOST_STEP_MS} milliseconds
 * @param firstMs   how much longer the first of each round is lit, 0 to {@value #MOST_STEP_MS} milliseconds
 * @param loops     after so many rounds without a press it comes out of a row or block, or rests until a switch is pressed; 1 to {@value #MOST_LOOPS}
 * @param cue       whether each is named quietly before it can be taken
 * @param taking    takes what is lit
 * @param stepping  goes on to the next; null if it goes on by time
 * @param chatterMs so long after a press another of the same switch is let pass; 0 to {@value #MOST_CHATTER_MS} milliseconds
 * @param blocks    of boards by their shape, each shape once
 */
public record Scanning(Way way, int stepMs, int firstMs, int loops, boolean cue, Switch taking, @Nullable Switch stepping, int chatterMs,
    List<Blocks> blocks) {
    /** What lights up. */
    public enum Way {
        CELLS, ROWS, BLOCKS
    }

    public static final int LEAST_STEP_MS = 200;
    public static final int MOST_STEP_MS = 20_000;
    public static final int MOST_LOOPS = 10;
    public static final int MOST_CHATTER_MS = 3_000;
    private static final int MOST_SHAPES = 20;
    public static final Scanning USUAL = new Scanning(Way.ROWS, 1_500, 500, 3, false, Switch.SPACE, null, 250, List.of());

    public Scanning {
        way = way == null ? Way.ROWS : way;
        taking = taking == null ? Switch.SPACE : taking;
        blocks = blocks == null ? List.of() : List.copyOf(blocks);
        if (stepMs < LEAST_STEP_MS || stepMs > MOST_STEP_MS || firstMs < 0 || firstMs > MOST_STEP_MS || chatterMs < 0 || chatterMs > MOST_CHATTER_MS) {
            throw new Unacceptable("scan-time", "least", LEAST_STEP_MS, "most", MOST_STEP_MS);
        }
        if (loops < 1 || loops > MOST_LOOPS) {
            throw new Unacceptable("scan-loops", "most", MOST_LOOPS, "has", loops);
        }
        if (taking.equals(stepping)) {
            throw new Unacceptable("one-switch-twice");
        }
        Set<List<Integer>> shapes = new HashSet<>();
        if (blocks.size() > MOST_SHAPES || !blocks.stream().allMatch(b -> shapes.add(List.of(b.rows(), b.columns())))) {
            throw new Unacceptable("scan-blocks", "most", Blocks.MOST);
        }
    }

    /** True if it goes on by time, false if by hand. */
    public boolean byTime() {
        return stepping == null;
    }

    /** How boards of a shape are parted; null if nobody parted them. */
    @Nullable
    Blocks blocksOf(int rows, int columns) {
        return blocks.stream().filter(b -> b.rows() == rows && b.columns() == columns).findFirst().orElse(null);
    }
}
