package org.dwimble.core.version;

import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;
import java.util.function.Supplier;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * A wish brought together with what others have done since the person looked: they meet on something, and then neither is lost, or it is
 * made on top of theirs. What was changed and put back meets nobody.
 *
 * @param made what comes of it; null if they met
 * @param met  where; null if they did not
 */
public record OnTop<D>(@Nullable Made<D> made, @Nullable Met<D> met) {
    /**
     * @param yours what the wish would have made of what the person saw
     * @param on    the thing both changed; null if yours needed that nothing had changed at all
     */
    public record Met<D>(Made<D> yours, @Nullable Touched on) {
    }

    /**
     * @param seen what the person was looking at
     * @param now  what is in force
     * @throws Unacceptable if the wish cannot be made
     */
    public static <D> OnTop<D> of(Sort<D> sort, Wish<D> wish, D seen, D now, Supplier<String> ids) {
        Optional<Made<D>> asSeen = asSeen(wish, seen, ids);
        if (asSeen.isEmpty()) {
            return new OnTop<>(wish.on(now, ids), null);
        }
        Made<D> yours = asSeen.get();
        Since since = Since.of(sort, yours, seen, now);
        return since.meets() ? new OnTop<>(null, new Met<>(yours, since.needs.met(since.theirs).orElse(null)))
            : new OnTop<>(sort.onTop(wish, yours, since.left, now, ids), null);
    }

    private static <D> Optional<Made<D>> asSeen(Wish<D> wish, D seen, Supplier<String> ids) {
        try {
            return Optional.of(wish.on(seen, ids));
        } catch (Unacceptable notEvenThen) {
            return Optional.empty();
        }
    }

    /**
     * The version that left what a wish needs as it is now. It is sought by halves: the base differs from now in what is needed, now does
     * not, and where the two meet somebody changed it; so however old the base is, a dozen versions are read.
     *
     * @param yours  what the wish would have made of the base
     * @param base   the number of the version the person was looking at
     * @param newest the number of the version in force
     * @param at     what a version held
     */
    public static <D> int whoMet(Sort<D> sort, Made<D> yours, int base, int newest, IntFunction<D> at) {
        D now = at.apply(newest);
        int differs = base;
        int same = newest;
        while (same - differs > 1) {
            int middle = (differs + same) >>> 1;
            if (Since.of(sort, yours, at.apply(middle), now).meets()) {
                differs = middle;
            } else {
                same = middle;
            }
        }
        return same;
    }

    /** @param theirs what others have made @param left of yours, what they did not do alike @param needs of that */
    private record Since(List<? extends Difference> theirs, List<? extends Difference> left, Needs needs) {
        static <D> Since of(Sort<D> sort, Made<D> yours, D then, D now) {
            List<? extends Difference> theirs = sort.between(then, now);
            List<? extends Difference> left = sort.left(yours.deltas(), theirs);
            return new Since(theirs, left, left == yours.deltas() ? yours.needs() : Needs.ofAll(left));
        }

        boolean meets() {
            return needs.meets(theirs);
        }
    }
}
