package org.dwimble.core.reveal;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.dwimble.core.told.Told;
import org.jspecify.annotations.Nullable;

/** The line of words shown over time. */
public final class ShownOverTime {
    /** What is worth a mark on the line: a step, people, a version somebody named. */
    public enum Mark {
        STEP, PEOPLE, NAMED
    }

    /** A kept state. @param told what made it; @param name null if nobody named it; @param by null if the program made it */
    public record Moment(Instant at, int shown, int words, Told told, @Nullable String name, @Nullable String by) {
    }

    /** @param mark null if nothing is worth one */
    public record Point(Moment moment, @Nullable Mark mark) {
    }

    private ShownOverTime() {
    }

    /**
     * A point for everything that is marked, and for the last of every other day, in order.
     *
     * @param moments in any order
     * @param most    how many points at most; the oldest are left out
     */
    public static List<Point> line(List<Moment> moments, int most) {
        List<Point> points = new ArrayList<>();
        Map<LocalDate, Point> days = new HashMap<>();
        for (Moment moment : moments.stream().sorted(Comparator.comparing(Moment::at)).toList()) {
            Mark mark = mark(moment);
            if (mark != null) {
                points.add(new Point(moment, mark));
            } else {
                days.put(moment.at.atZone(ZoneOffset.UTC).toLocalDate(), new Point(moment, null));
            }
        }
        points.addAll(days.values());
        points.sort(Comparator.comparing(p -> p.moment.at));
        return List.copyOf(points.subList(Math.max(0, points.size() - most), points.size()));
    }

    private static @Nullable Mark mark(Moment moment) {
        if (moment.name != null) {
            return Mark.NAMED;
        }
        return switch (moment.told.key()) {
            case "moved-on", "moved-back", "added-step", "laid-plan", "ended-plan" -> Mark.STEP;
            case "added-people" -> Mark.PEOPLE;
            default -> null;
        };
    }
}
