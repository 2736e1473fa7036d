package org.dwimble.core.showing;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;

/**
 * A day as it stands at a moment.
 *
 * @param events in order
 * @param next  the minute after midnight at which the clock takes it on; null if nothing is to come, or it does not go by the clock
 */
public record DayRun(List<Event> events, @Nullable Integer next) {
    /** What somebody said of something today; it holds for the day. */
    public enum Mark {
        /** It is over, whatever the clock says. */
        OVER,
        /** It is not over yet, whatever the clock says. */
        NOT_OVER,
        /** It does not happen today. */
        NOT_TODAY
    }

    /** What it is. Of a day there is one {@code NOW} at most. */
    public enum State {
        OVER, NOW, COMES, NOT_TODAY
    }

    /** @param never true of what is crossed out in the list itself */
    public record Item(String id, boolean never) {
    }

    /** @param at when it begins, in minutes after midnight; null where the day does not go by the clock */
    public record Event(String id, @Nullable Integer at, State state) {
    }

    public DayRun {
        events = List.copyOf(events);
    }

    /**
     * By hand, the first that is not over is now. By the clock, something is over once what comes after it has begun, and nothing is now before the
     * first has begun, unless somebody marked the one before as over.
     *
     * @param items  what happens, in order
     * @param marks  of today, by id
     * @param minute after midnight, where the student is
     */
    public static DayRun of(List<Item> items, Day day, Map<String, Mark> marks, int minute) {
        List<Integer> begins = begins(items, day);
        List<Event> events = new ArrayList<>();
        boolean now = false;
        boolean led = !day.clock();
        for (int i = 0; i < items.size(); i++) {
            String id = items.get(i).id;
            Mark mark = marks.get(id);
            Integer at = day.clock() ? begins.get(i) : null;
            State state;
            if (off(items.get(i), mark)) {
                state = State.NOT_TODAY;
            } else if (mark == Mark.OVER || mark != Mark.NOT_OVER && day.clock() && follower(items, i, begins, marks).orElse(Integer.MAX_VALUE) <= minute) {
                state = State.OVER;
                led |= mark == Mark.OVER;
            } else if (!now && (led || mark == Mark.NOT_OVER || begins.get(i) <= minute)) {
                state = State.NOW;
                now = true;
            } else {
                state = State.COMES;
            }
            events.add(new Event(id, at, state));
        }
        OptionalInt next = begins.stream().mapToInt(Integer::intValue).filter(b -> b > minute).min();
        return new DayRun(events, day.clock() && next.isPresent() ? next.getAsInt() : null);
    }

    private static boolean off(Item item, @Nullable Mark mark) {
        return mark == Mark.NOT_TODAY || item.never && mark == null;
    }

    /** When what comes after it begins, of all that happens today. */
    private static OptionalInt follower(List<Item> items, int of, List<Integer> begins, Map<String, Mark> marks) {
        for (int i = of + 1; i < items.size(); i++) {
            if (!off(items.get(i), marks.get(items.get(i).id))) {
                return OptionalInt.of(begins.get(i));
            }
        }
        return OptionalInt.empty();
    }

    private static List<Integer> begins(List<Item> items, Day day) {
        List<Integer> begins = new ArrayList<>();
        int next = Day.FIRST;
        for (Item item : items) {
            int begin = day.times().getOrDefault(item.id, next);
            begins.add(begin);
            next = begin + Day.APART;
        }
        return begins;
    }
}
