package org.dwimble.core.access;

import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;
import org.jspecify.annotations.Nullable;

/**
 * What touches come to, one after another, where a touch counts as was found right for a student. One finger is followed; one that comes while it is
 * down is let pass. A finger means the cell it came down on as long as it is no farther beside it than a slip that is forgiven; farther off it means
 * whatever cell it is on, felt inside its deaf edge. Times are milliseconds that never go back.
 */
public final class Touches {
    private static final int LEAST_LEFT = 3;

    /** What can be touched. */
    public record Target(String id, Rect rect) {
        private boolean feels(Point at, Length edge) {
            Length most = Length.smaller(rect.width(), rect.height()).part(LEAST_LEFT);
            return within(at, rect.inset(Length.smaller(edge, most)), Length.ZERO);
        }
    }

    public record Point(Length x, Length y) {
    }

    private final Touching how;
    private final List<Target> targets;
    private boolean down;
    private boolean counted;
    private @Nullable Target meant;
    private long since;
    private long quietUntil = Long.MIN_VALUE;

    public Touches(Touching how, List<Target> targets) {
        this.how = how;
        this.targets = List.copyOf(targets);
    }

    /** A finger comes down. @return the id of what is counted by it */
    public Optional<String> down(long ms, Point at) {
        if (down || ms < quietUntil) {
            return Optional.empty();
        }
        down = true;
        counted = false;
        meant = felt(at);
        since = ms;
        return how.when() == Touching.When.AT_ONCE ? count() : Optional.empty();
    }

    /** The finger that is down moves. */
    public void moved(long ms, Point at) {
        if (!down || counted || how.when() == Touching.When.AT_ONCE || meant != null && within(at, meant.rect, how.slip())) {
            return;
        }
        Target now = felt(at);
        if (now != meant) {
            meant = now;
            since = ms;
        }
    }

    /** The finger that is down has rested until now. @return the id of what is counted by it */
    public Optional<String> passed(long ms) {
        OptionalLong due = due();
        return due.isPresent() && ms >= due.getAsLong() ? count() : Optional.empty();
    }

    /** When the finger will have rested for long enough if it stays; empty if nothing comes of it. */
    public OptionalLong due() {
        return down && !counted && meant != null && how.when() == Touching.When.AFTER_RESTING ? OptionalLong.of(since + how.restMs()) : OptionalLong.empty();
    }

    /** The finger that is down is lifted. @return the id of what is counted by it */
    public Optional<String> lifted(long ms) {
        if (!down) {
            return Optional.empty();
        }
        Optional<String> now = how.when() == Touching.When.ON_RELEASE ? count() : Optional.empty();
        if (counted) {
            quietUntil = ms + how.againMs();
        }
        dropped();
        return now;
    }

    /** The finger that is down is taken away by something else: nothing comes of it. */
    public void dropped() {
        down = false;
        meant = null;
    }

    /** The id of what the finger that is down means; empty if there is none, or it means nothing. */
    public Optional<String> meant() {
        return Optional.ofNullable(meant).map(Target::id);
    }

    private Optional<String> count() {
        counted = meant != null;
        return meant();
    }

    private @Nullable Target felt(Point at) {
        return targets.stream().filter(t -> t.feels(at, how.edge())).findFirst().orElse(null);
    }

    private static boolean within(Point at, Rect rect, Length beside) {
        return at.x.compareTo(rect.x().minus(beside)) >= 0 && at.x.compareTo(rect.right().plus(beside)) <= 0
            && at.y.compareTo(rect.y().minus(beside)) >= 0 && at.y.compareTo(rect.bottom().plus(beside)) <= 0;
    }
}
