package org.dwimble.server.pointing;

import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Shape;
import org.dwimble.core.pointing.Finding;
import org.dwimble.core.pointing.PointingCheck;
import org.dwimble.core.pointing.Try;
import org.jspecify.annotations.Nullable;

/**
 * What one pointing check found.
 *
 * @param by       who made it
 * @param level    of targets that are to be hit, in percent
 * @param ended    true if it was broken off
 * @param sizes    the largest cells first
 * @param proposed place of the smallest of them that is hit often enough for sure; null if there is none
 * @param where    most misses were, and {@code aside} which way of the target they lie; null for nowhere in particular
 * @param helps    what might help, likeliest first
 */
record PointingView(long id, LocalDate day, String by, PointingCheck.How how, int level, boolean ended, List<SizeFound> sizes, @Nullable Integer proposed,
    Finding.@Nullable Zone where, Finding.@Nullable Aside aside, List<Finding.Help> helps) {
    /**
     * Cells of one size, in millimetres.
     *
     * @param near  misses by one cell
     * @param lower bound of the share of hits, in percent, with 95 % confidence, as is {@code upper}
     * @param more  so many hits more in a row it would take
     * @param cells that were targets
     */
    record SizeFound(int rows, int columns, double widthMm, double heightMm, int tries, int hits, int near, int lower, int upper, boolean reaches, int more,
        @Nullable Integer millis, List<CellTried> cells) {
    }

    /** A cell that was a target. @param instead cells that were hit instead, as often as they were */
    record CellTried(Cell cell, int tries, int hits, List<Cell> instead) {
    }

    private static final double PERCENT = 100;

    static PointingView of(PointingStore.Kept kept) {
        PointingCheck check = kept.check();
        Finding found = Finding.of(check);
        return new PointingView(kept.id(), check.day(), kept.by(), check.how(), check.level(), check.ended(),
            found.sizes().stream().map(s -> size(s, check.tries())).toList(), found.proposed() == null ? null : found.sizes().indexOf(found.proposed()),
            found.where(), found.aside(), found.helps());
    }

    private static SizeFound size(Finding.OfSize size, List<Try> tries) {
        Shape grid = size.grid();
        return new SizeFound(grid.rows(), grid.columns(), size.width().mm(), size.height().mm(), size.tries(), size.hits(), size.near(),
            (int) Math.floor(size.share().lower() * PERCENT), (int) Math.ceil(size.share().upper() * PERCENT), size.reaches(), size.more(), size.millis(),
            cells(tries.stream().filter(t -> t.grid().equals(grid)).toList()));
    }

    private static List<CellTried> cells(List<Try> tries) {
        return tries.stream().map(Try::target).distinct().sorted().map(cell -> {
            List<Try> there = tries.stream().filter(t -> t.target().equals(cell)).toList();
            Stream<Cell> instead = there.stream().filter(t -> !t.isHit()).map(Try::hit).filter(Objects::nonNull);
            return new CellTried(cell, there.size(), (int) there.stream().filter(Try::isHit).count(), instead.toList());
        }).toList();
    }
}
