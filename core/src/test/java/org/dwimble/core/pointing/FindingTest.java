package org.dwimble.core.pointing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.function.Function;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Shape;
import org.dwimble.core.pointing.Finding.Aside;
import org.dwimble.core.pointing.Finding.Help;
import org.dwimble.core.pointing.Finding.OfSize;
import org.dwimble.core.pointing.Finding.Zone;
import org.dwimble.core.pointing.PointingCheck.How;
import org.dwimble.core.screen.UsualScreen;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FindingTest {
    private static final Shape LARGE = new Shape(2, 3);
    private static final Shape SMALL = new Shape(4, 6);

    private static PointingCheck check(How how, List<Try> tries) {
        return new PointingCheck(LocalDate.of(2026, 12, 1), how, 80, UsualScreen.COMMON.screen(), 10, false, tries);
    }

    /** One try for each cell of a grid, so often over. */
    private static List<Try> each(Shape grid, int times, Function<Cell, @Nullable Cell> hit) {
        List<Try> tries = new ArrayList<>();
        for (int i = 0; i < times; i++) {
            for (int cell = 0; cell < grid.cells(); cell++) {
                Cell target = new Cell(cell / grid.columns(), cell % grid.columns());
                tries.add(new Try(grid, target, hit.apply(target), null, 1_000 + cell));
            }
        }
        return tries;
    }

    private static Finding found(List<Try> tries) {
        return Finding.of(check(How.FINGER, tries));
    }

    /** By R, binom package: binom.confint(x, n, methods = "wilson"). */
    @ParameterizedTest
    @CsvSource({"8,10,0.4901625,0.9433178", "10,10,0.7224672,1.0", "0,10,0.0,0.2775328", "45,50,0.7863918,0.9565151"})
    void boundsAreWilsons(int hits, int tries, double lower, double upper) {
        assertThat(Wilson.of(hits, tries).lower()).isCloseTo(lower, within(0.0001));
        assertThat(Wilson.of(hits, tries).upper()).isCloseTo(upper, within(0.0001));
    }

    @ParameterizedTest
    @CsvSource({"50", "70", "80", "90", "95"})
    void theFewestTriesReachALevelAndOneFewerDoNot(int level) {
        int fewest = Wilson.fewest(level);
        assertThat(Wilson.of(fewest, fewest).lower()).isGreaterThan(level / 100.0);
        assertThat(Wilson.of(fewest - 1, fewest - 1).lower()).isLessThanOrEqualTo(level / 100.0);
    }

    @Test
    void ofNoTriesNothingIsKnown() {
        assertThat(Wilson.of(0, 0)).isEqualTo(new Wilson(0, 1));
    }

    @Test
    void theSmallestSizeIsProposedOfWhichEnoughIsHitForSure() {
        List<Try> tries = each(LARGE, 3, c -> c);
        tries.addAll(each(SMALL, 1, c -> c));
        Finding both = found(tries);
        assertThat(both.sizes()).extracting(OfSize::grid).as("the largest cells first").containsExactly(LARGE, SMALL);
        assertThat(both.proposed()).isNotNull().extracting(OfSize::grid).isEqualTo(SMALL);
        assertThat(both.helps()).isEmpty();
        List<Try> missed = each(LARGE, 3, c -> c);
        missed.addAll(each(SMALL, 1, c -> c.column() % 2 == 0 ? c : null));
        Finding one = found(missed);
        assertThat(one.proposed()).isNotNull().extracting(OfSize::grid).isEqualTo(LARGE);
        assertThat(one.sizes().get(1).hits()).isEqualTo(12);
        assertThat(one.sizes().get(1).reaches()).isFalse();
    }

    @Test
    void fewTriesReachNoLevelHoweverManyAreHitAndItIsToldHowManyMoreItTakes() {
        Finding few = found(each(LARGE, 1, c -> c));
        assertThat(few.proposed()).isNull();
        assertThat(few.sizes().get(0).more()).isEqualTo(Wilson.fewest(80) - 6);
        assertThat(few.sizes().get(0).millis()).as("the middle one").isEqualTo(1_002);
    }

    @Test
    void allMissesProposeNothingAndLargerCells() {
        Finding none = found(each(SMALL, 1, c -> null));
        assertThat(none.proposed()).isNull();
        assertThat(none.where()).as("everywhere is nowhere in particular").isNull();
        assertThat(none.helps()).containsExactly(Help.LARGER);
        assertThat(none.sizes().get(0).millis()).isNull();
    }

    @Test
    void itIsToldWhereOnTheBoardItFails() {
        assertThat(found(each(SMALL, 1, c -> c.column() > 3 ? null : c)).where()).isEqualTo(Zone.RIGHT);
        assertThat(found(each(SMALL, 1, c -> c.row() == 3 ? null : c)).where()).isEqualTo(Zone.BOTTOM);
        assertThat(found(each(SMALL, 2, c -> c.row() == 0 && c.column() < 2 ? null : c)).where()).isEqualTo(Zone.TOP_LEFT);
        assertThat(found(each(SMALL, 1, c -> c.row() == 0 && c.column() < 2 ? null : c)).where()).as("two misses tell nothing").isNull();
        assertThat(found(each(SMALL, 1, c -> c.column() > 3 ? null : c)).helps()).contains(Help.MOUNTING);
    }

    @Test
    void itIsToldWhichWayMissesLieAndThatSpaceBetweenCellsMightHelp() {
        Finding low = found(each(SMALL, 1, c -> c.column() % 2 == 0 && c.row() < 3 ? new Cell(c.row() + 1, c.column()) : c));
        assertThat(low.aside()).isEqualTo(Aside.BELOW);
        assertThat(low.sizes().get(0).near()).isEqualTo(9);
        assertThat(low.helps()).startsWith(Help.MOUNTING, Help.GAP, Help.KEYGUARD);
        assertThat(Finding.of(check(How.EYES, each(SMALL, 1, c -> c.column() % 2 == 0 && c.row() < 3 ? new Cell(c.row() + 1, c.column()) : c))).helps())
            .as("no plate helps the eyes").contains(Help.GAP).doesNotContain(Help.KEYGUARD);
        Finding far = found(each(SMALL, 1, c -> c.row() == 0 ? new Cell(3, c.column()) : c));
        assertThat(far.helps()).doesNotContain(Help.GAP);
    }

    @Test
    void fingersThatSlideWantATouchThatRestsAndASwitchASlowerRound() {
        List<Try> slid = new ArrayList<>(each(LARGE, 1, c -> c));
        slid.replaceAll(t -> new Try(t.grid(), t.target(), t.target(), new Cell(0, (t.target().column() + 1) % 3), 900));
        assertThat(found(slid).helps()).startsWith(Help.RESTING);
        assertThat(Finding.of(check(How.SWITCH, each(LARGE, 1, c -> new Cell(0, 0)))).helps()).containsExactly(Help.SLOWER);
        Try none = new Try(LARGE, new Cell(0, 0), null, new Cell(1, 1), null);
        assertThat(none.slid()).as("it came down beside the target, and left it outside").isFalse();
    }

    @Test
    void whatCannotBeIsRefused() {
        refused("pointing-off-grid", () -> new Try(LARGE, new Cell(2, 0), null, null, 1));
        refused("pointing-off-grid", () -> new Try(LARGE, new Cell(0, 0), new Cell(0, 3), null, 1));
        refused("pointing-time", () -> new Try(LARGE, new Cell(0, 0), null, null, -1));
        refused("pointing-no-tries", () -> check(How.PAPER, List.of()));
        refused("pointing-too-many", () -> check(How.PAPER, each(LARGE, 200, c -> c)));
        refused("pointing-level", () -> PointingCheck.level(100));
    }

    private static void refused(String key, Runnable made) {
        assertThatThrownBy(made::run).isInstanceOfSatisfying(Unacceptable.class, e -> assertThat(e.told().key()).isEqualTo(key));
    }

    @ParameterizedTest
    @CsvSource({"2,3,16", "4,6,20", "1,1,5", "1,2,9", "6,9,54", "5,8,17"})
    void targetsComeUpAllOverTheBoardInNoOrder(int rows, int columns, int count) {
        Shape grid = new Shape(rows, columns);
        List<Cell> targets = Targets.of(grid, count, new Random(5));
        assertThat(targets).hasSize(count);
        int whole = Math.min(count, grid.cells());
        assertThat(new HashSet<>(targets.subList(0, whole))).as("each once before any comes again").hasSize(whole);
        for (int i = 1; i < count && grid.cells() > 1; i++) {
            assertThat(targets.get(i)).isNotEqualTo(targets.get(i - 1));
        }
        assertThat(Targets.of(grid, count, new Random(5))).isEqualTo(targets);
        if (count < grid.cells()) {
            assertThat(targets.stream().filter(c -> 2 * c.row() < rows && 2 * c.column() < columns).count()).isBetween(count / 4L, count / 4L + 1);
        }
    }
}
