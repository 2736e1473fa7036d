package org.dwimble.server.demo;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Shape;
import org.dwimble.core.pointing.PointingCheck;
import org.dwimble.core.pointing.Targets;
import org.dwimble.core.pointing.Try;
import org.dwimble.core.student.Student;
import org.dwimble.server.account.Account;
import org.dwimble.server.pointing.PointingStore;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;

/** Pointing checks of two months: what was missed at first, low at the right edge, is met since the tablet stands nearer. */
@Component
@Profile("demo")
class PointedBefore {
    private static final int LEVEL = 80;
    private static final int GAP = 10;
    private static final int TARGETS = 20;

    private final PointingStore store;
    private final Instant now;

    PointedBefore(PointingStore store, Clock clock) {
        this.store = store;
        this.now = clock.instant();
    }

    /** @param missed so many of the targets in the right third, each by the cell below, or above in the last row */
    private static List<Try> tries(Shape grid, int missed, long seed) {
        Random random = new Random(seed);
        List<Try> tries = new ArrayList<>();
        int left = missed;
        for (Cell target : Targets.of(grid, TARGETS, random)) {
            boolean misses = left > 0 && 3 * target.column() >= 2 * grid.columns() - 1;
            left -= misses ? 1 : 0;
            int low = target.row() + 1 < grid.rows() ? target.row() + 1 : target.row() - 1;
            tries.add(new Try(grid, target, misses ? new Cell(low, target.column()) : target, null, 900 + random.nextInt(1_400)));
        }
        return tries;
    }

    private void add(Student student, int daysAgo, PointingCheck.How how, Account by, Stream<List<Try>> tries) {
        Instant at = now.minus(Duration.ofDays(daysAgo));
        store.add(student.id(), new PointingCheck(LocalDate.ofInstant(at, ZoneId.systemDefault()), how, LEVEL, student.screen(), GAP, false,
            tries.flatMap(List::stream).toList()), by.id(), at);
    }

    void of(Student student, Account first, Account then) {
        add(student, 61, PointingCheck.How.FINGER, first,
            Stream.of(tries(new Shape(2, 3), 0, 1), tries(new Shape(3, 4), 1, 2), tries(new Shape(4, 6), 6, 3)));
        add(student, 33, PointingCheck.How.PAPER, first, Stream.of(tries(new Shape(3, 4), 0, 4), tries(new Shape(4, 6), 4, 5)));
        add(student, 4, PointingCheck.How.FINGER, then,
            Stream.of(tries(new Shape(3, 4), 0, 6), tries(new Shape(4, 6), 0, 7), tries(new Shape(5, 8), 5, 8)));
    }
}
