package org.dwimble.core.access;

import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;

/**
 * Where a round stands: what is lit, for how long, and what a press comes to. A beat is kept however late somebody asks: each stop begins when the one
 * before it was over, not when that was noticed. Values; every press or moment gives the next one. Times are milliseconds that never go back.
 *
 * @param round what there is
 * @param path  the place of what is lit among its level, after those of the groups it is in; empty while it rests
 * @param loop  how many rounds of this level are over
 * @param since when what is lit was lit
 */
public record Scan(Scanning how, List<Stop> round, List<Integer> path, int loop, long since) {
    /** What came of a press. @param chosen the id of what was taken; empty if it went into a group, or began */
    public record Pressed(Scan scan, Optional<String> chosen) {
    }

    /** Begins with the first; rests if there is nothing. */
    public static Scan begin(Scanning how, List<Stop> round, long ms) {
        return new Scan(how, round, round.isEmpty() ? List.of() : List.of(0), 0, ms);
    }

    /** What is lit; empty while it rests until a switch is pressed. */
    public Optional<Stop> lit() {
        return path.isEmpty() ? Optional.empty() : Optional.of(level().get(path.get(path.size() - 1)));
    }

    private List<Stop> level() {
        List<Stop> level = round;
        for (int place : path.subList(0, path.size() - 1)) {
            level = level.get(place).within();
        }
        return level;
    }

    /** When the next is lit; empty while it rests, or if it goes on by hand. */
    public OptionalLong due() {
        if (path.isEmpty() || !how.byTime()) {
            return OptionalLong.empty();
        }
        return OptionalLong.of(since + how.stepMs() + (path.get(path.size() - 1) == 0 ? how.firstMs() : 0));
    }

    /** Time has passed: it goes on as many stops as it was due. */
    public Scan passed(long ms) {
        Scan now = this;
        for (OptionalLong due = now.due(); due.isPresent() && due.getAsLong() <= ms; due = now.due()) {
            now = now.onwards(due.getAsLong(), how.loops());
        }
        return now;
    }

    /** The switch that goes on was pressed. After the last of a group comes the group again, after the last of all the first. */
    public Scan stepped(long ms) {
        if (path.isEmpty()) {
            return begin(how, round, ms);
        }
        return path.size() == 1 && path.get(0) == round.size() - 1 ? begin(how, round, ms) : onwards(ms, 1);
    }

    /** The switch that takes what is lit was pressed. */
    public Pressed pressed(long ms) {
        Optional<Stop> lit = lit();
        if (lit.isEmpty()) {
            return new Pressed(begin(how, round, ms), Optional.empty());
        }
        if (!lit.get().isGroup()) {
            return new Pressed(begin(how, round, ms), Optional.of(lit.get().id()));
        }
        return new Pressed(new Scan(how, round, with(path, 0), 0, ms), Optional.empty());
    }

    /** The next of its level; after so many rounds out of it, and from the outermost into rest. */
    private Scan onwards(long ms, int most) {
        int last = path.get(path.size() - 1);
        List<Integer> above = path.subList(0, path.size() - 1);
        if (last + 1 < level().size()) {
            return new Scan(how, round, with(above, last + 1), loop, ms);
        }
        return loop + 1 < most ? new Scan(how, round, with(above, 0), loop + 1, ms) : new Scan(how, round, above, 0, ms);
    }

    private static List<Integer> with(List<Integer> path, int last) {
        return java.util.stream.Stream.concat(path.stream(), java.util.stream.Stream.of(last)).toList();
    }
}
