package org.dwimble.server.pointing;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Shape;
import org.dwimble.core.grant.Act;
import org.dwimble.core.pointing.PointingCheck;
import org.dwimble.core.pointing.Targets;
import org.dwimble.core.pointing.Try;
import org.dwimble.core.pointing.Wilson;
import org.dwimble.core.screen.TalkLayout;
import org.dwimble.core.student.Student;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.server.account.Account;
import org.dwimble.server.dayword.OwnDays;
import org.dwimble.server.grant.For;
import org.dwimble.server.limit.Bounded;
import org.dwimble.server.problem.Problem;
import org.dwimble.server.student.StudentStore;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** How small cells may be that a student hits. */
@RestController
@RequestMapping("/api/students/{student}/pointing")
class PointingApi {
    static final int MOST_SIZES = 6;

    /** A target and what was hit. @param hit null for none of the cells @param first where a finger came down that slid; else null */
    record NewTry(int rows, int columns, Cell target, @Nullable Cell hit, @Nullable Cell first, @Nullable Integer millis) {
        Try asTry() {
            return new Try(new Shape(rows, columns), target, hit, first, millis);
        }
    }

    /** @param ended true if it was broken off */
    record NewCheck(PointingCheck.How how, int level, boolean ended, List<NewTry> tries) {
        NewCheck {
            Unacceptable.ifMissing(tries);
            Unacceptable.ifMissing(tries.toArray());
        }
    }

    /** A target. @param picture shown on it; null where the student has none @param label what it is called; may be empty */
    record TargetView(Cell cell, @Nullable String picture, String label) {
    }

    /** Targets of one size, in order. @param fills a picture for each cell, row by row */
    record RoundView(int rows, int columns, double widthMm, double heightMm, List<TargetView> targets, List<TargetView> fills) {
    }

    /**
     * @param vocabulary of which the pictures are; null where there is none
     * @param fewest     targets of a size it takes until the level can be reached
     * @param gap        between cells, in thousandths of the screen’s width
     * @param margin     round them, as a share of it; {@code message} above them, as a share of its height
     */
    record RoundsView(@Nullable Long vocabulary, int fewest, int gap, double margin, double message, List<RoundView> rounds) {
    }

    private final PointingStore store;
    private final PointingPictures pictures;
    private final StudentStore students;
    private final OwnDays days;
    private final Clock clock;

    PointingApi(PointingStore store, PointingPictures pictures, StudentStore students, OwnDays days, Clock clock) {
        this.store = store;
        this.pictures = pictures;
        this.students = students;
        this.days = days;
        this.clock = clock;
    }

    /** What was found, the latest first. */
    @For(Act.KNOW)
    @GetMapping
    List<PointingView> checks(@AuthenticationPrincipal Account account, @PathVariable String student) {
        return store.of(student).stream().map(PointingView::of).toList();
    }

    /** Keeps what was found today. */
    @For(Act.CHANGE)
    @PostMapping
    @Bounded("REQUEST_BYTES")
    PointingView add(@AuthenticationPrincipal Account account, @PathVariable String student, @RequestBody NewCheck made) {
        Student who = who(student);
        LocalDate today = days.today(student, clock.instant());
        PointingCheck check = new PointingCheck(today, made.how, made.level, who.screen(), pictures.gap(student), made.ended,
            made.tries.stream().map(NewTry::asTry).toList());
        long id = store.add(student, check, account.id(), clock.instant());
        return store.of(student).stream().filter(k -> k.id() == id).map(PointingView::of).findFirst().orElseThrow();
    }

    /** Takes a check off the list; it can be put back. */
    @For(Act.CHANGE)
    @DeleteMapping("/{check}")
    List<PointingView> remove(@AuthenticationPrincipal Account account, @PathVariable String student, @PathVariable long check) {
        if (!store.remove(student, check, clock.instant())) {
            throw Problem.notFound("pointing-check");
        }
        return checks(account, student);
    }

    @For(Act.CHANGE)
    @PutMapping("/{check}")
    List<PointingView> putBack(@AuthenticationPrincipal Account account, @PathVariable String student, @PathVariable long check) {
        if (!store.putBack(student, check)) {
            throw Problem.notFound("pointing-check");
        }
        return checks(account, student);
    }

    /**
     * Targets to hit, a round for each size.
     *
     * @param grid  as “rows x columns”, the order in which they are asked for
     * @param count targets of each; null for as few as it takes until the level can be reached
     * @param seed  the same gives the same targets
     */
    @For(Act.CHANGE)
    @GetMapping("/targets")
    RoundsView targets(@AuthenticationPrincipal Account account, @PathVariable String student, @RequestParam List<String> grid,
        @RequestParam(required = false) @Nullable Integer count, @RequestParam long seed, @RequestParam int level) {
        if (grid.isEmpty() || grid.size() > MOST_SIZES) {
            throw new Unacceptable("pointing-sizes", "most", MOST_SIZES);
        }
        int fewest = Wilson.fewest(PointingCheck.level(level));
        Student who = who(student);
        PointingPictures.Chosen chosen = pictures.of(student);
        List<RoundView> rounds = new ArrayList<>();
        for (String one : grid) {
            Shape shape = shape(one);
            TalkLayout layout = new TalkLayout(who.screen(), shape, chosen.gap());
            List<TargetView> fills = fills(shape, chosen, seed);
            List<TargetView> targets = cells(shape, count == null ? fewest : count, seed).stream().map(c -> fills.get(c.row() * shape.columns() + c.column()))
                .toList();
            rounds.add(new RoundView(shape.rows(), shape.columns(), layout.cellWidth().mm(), layout.cellHeight().mm(), targets, fills));
        }
        return new RoundsView(chosen.vocabulary(), fewest, chosen.gap(), TalkLayout.MARGIN, TalkLayout.MESSAGE, rounds);
    }

    private static final int PARTS = 2;

    /** @throws Unacceptable if it is none */
    static Shape shape(String grid) {
        String[] parts = grid.split("x", PARTS);
        try {
            return new Shape(Integer.parseInt(parts[0].strip()), Integer.parseInt(parts[parts.length - 1].strip()));
        } catch (NumberFormatException e) {
            throw new Unacceptable("pointing-grid", "grid", grid);
        }
    }

    static List<Cell> cells(Shape shape, int count, long seed) {
        if (count < 1 || count > PointingCheck.MOST_TRIES) {
            throw new Unacceptable("pointing-count", "most", PointingCheck.MOST_TRIES);
        }
        return Targets.of(shape, count, new Random(seed ^ shape.hashCode()));
    }

    /** A picture for each cell, each as seldom as can be. */
    static List<TargetView> fills(Shape shape, PointingPictures.Chosen chosen, long seed) {
        List<PointingPictures.Pictured> all = chosen.shuffled(new Random(seed));
        List<TargetView> fills = new ArrayList<>();
        for (int i = 0; i < shape.cells(); i++) {
            PointingPictures.Pictured one = all.isEmpty() ? new PointingPictures.Pictured(null, "") : all.get(i % all.size());
            fills.add(new TargetView(new Cell(i / shape.columns(), i % shape.columns()), one.picture(), one.label()));
        }
        return fills;
    }

    private Student who(String student) {
        return students.find(student).orElseThrow(() -> Problem.notFound("student"));
    }
}
