package org.dwimble.core.measure;

import java.util.List;

/**
 * Lines beside each other in a room, with a gap between each two: where each begins and how long it is.
 *
 * @param room   all of it, gaps too
 * @param shares how long each line is against the others, one a line, each at least 1
 */
public record Tracks(Length room, Length gap, List<Integer> shares) {
    /** Where a line begins. */
    public Length start(int line) {
        return at(line).plus(gap.times(line));
    }

    /** How long some lines are from one on, with the gaps between them. */
    public Length size(int line, int lines) {
        return at(line + lines).minus(at(line)).plus(gap.times(lines - 1));
    }

    /** Of the shortest line. */
    public Length least() {
        return share().times(shares.stream().mapToInt(i -> i).min().orElseThrow());
    }

    private Length at(int line) {
        return share().times(sum(line));
    }

    /** One share, rounded down, so that lines of as many shares are just as long. */
    private Length share() {
        return room.minus(gap.times(shares.size() - 1)).part(sum(shares.size()));
    }

    private int sum(int lines) {
        return shares.subList(0, lines).stream().mapToInt(i -> i).sum();
    }
}
