package org.dwimble.core.showing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.dwimble.core.told.Unacceptable;
import org.junit.jupiter.api.Test;

class DayRunTest {
    private static final Day BY_CLOCK = new Day(true, false, Map.of("bus", 8 * 60 + 30, "swim", 10 * 60, "lunch", 12 * 60));
    private static final List<DayRun.Item> DAY = items("bus", "swim", "lunch");

    private static List<DayRun.Item> items(String... ids) {
        return Stream.of(ids).map(id -> new DayRun.Item(id, false)).toList();
    }

    private static String at(Day day, Map<String, DayRun.Mark> marks, int hour, int minute) {
        return String.join(" ", DayRun.of(DAY, day, marks, hour * 60 + minute).events().stream().map(s -> s.state().name()).toList());
    }

    @Test
    void byHandTheFirstThatIsNotOverIsNow() {
        assertThat(at(Day.USUAL, Map.of(), 3, 0)).isEqualTo("NOW COMES COMES");
        assertThat(at(Day.USUAL, Map.of("bus", DayRun.Mark.OVER), 3, 0)).isEqualTo("OVER NOW COMES");
        assertThat(at(Day.USUAL, Map.of("swim", DayRun.Mark.OVER), 3, 0)).as("whatever stands before it").isEqualTo("NOW OVER COMES");
        assertThat(at(Day.USUAL, Map.of("bus", DayRun.Mark.OVER, "swim", DayRun.Mark.OVER, "lunch", DayRun.Mark.OVER), 3, 0)).isEqualTo("OVER OVER OVER");
        assertThat(DayRun.of(DAY, Day.USUAL, Map.of(), 0).next()).isNull();
    }

    @Test
    void byTheClockSomethingIsOverOnceTheNextHasBegun() {
        assertThat(at(BY_CLOCK, Map.of(), 8, 29)).isEqualTo("COMES COMES COMES");
        assertThat(at(BY_CLOCK, Map.of(), 8, 30)).isEqualTo("NOW COMES COMES");
        assertThat(at(BY_CLOCK, Map.of(), 9, 59)).isEqualTo("NOW COMES COMES");
        assertThat(at(BY_CLOCK, Map.of(), 10, 0)).isEqualTo("OVER NOW COMES");
        assertThat(at(BY_CLOCK, Map.of(), 23, 0)).isEqualTo("OVER OVER NOW");
    }

    @Test
    void theHandGoesBeforeTheClock() {
        assertThat(at(BY_CLOCK, Map.of("bus", DayRun.Mark.OVER), 9, 0)).as("what is over early lets the next begin").isEqualTo("OVER NOW COMES");
        assertThat(at(BY_CLOCK, Map.of("bus", DayRun.Mark.NOT_OVER), 10, 30)).as("what takes longer is still now").isEqualTo("NOW COMES COMES");
    }

    @Test
    void whatDoesNotHappenTodayIsPassedOver() {
        Map<String, DayRun.Mark> noSwim = Map.of("swim", DayRun.Mark.NOT_TODAY);
        assertThat(at(BY_CLOCK, noSwim, 10, 30)).as("the bus goes on until lunch").isEqualTo("NOW NOT_TODAY COMES");
        assertThat(at(BY_CLOCK, noSwim, 12, 0)).isEqualTo("OVER NOT_TODAY NOW");
        assertThat(at(Day.USUAL, Map.of("bus", DayRun.Mark.NOT_TODAY), 3, 0)).isEqualTo("NOT_TODAY NOW COMES");
        List<DayRun.Item> crossed = List.of(new DayRun.Item("bus", true), new DayRun.Item("swim", false));
        assertThat(DayRun.of(crossed, Day.USUAL, Map.of(), 0).events().get(0).state()).isEqualTo(DayRun.State.NOT_TODAY);
        assertThat(DayRun.of(crossed, Day.USUAL, Map.of("bus", DayRun.Mark.NOT_OVER), 0).events().get(0).state()).as("today after all")
            .isEqualTo(DayRun.State.NOW);
    }

    @Test
    void whoseTimeIsNotSaidBeginsHalfAnHourAfterWhatStandsBefore() {
        DayRun run = DayRun.of(items("a", "b", "c"), new Day(true, false, Map.of("b", 600)), Map.of(), 0);
        assertThat(run.events()).extracting(DayRun.Event::at).containsExactly(540, 600, 630);
        assertThat(run.next()).isEqualTo(540);
        assertThat(DayRun.of(items("a", "b", "c"), new Day(true, false, Map.of("b", 600)), Map.of(), 600).next()).isEqualTo(630);
        assertThat(DayRun.of(List.of(), BY_CLOCK, Map.of(), 0)).isEqualTo(new DayRun(List.of(), null));
    }

    @Test
    void aTimeOfDayIsWithinTheDay() {
        for (int minute : new int[] {-1, 24 * 60}) {
            assertThatThrownBy(() -> new Day(true, false, Map.of("a", minute))).isInstanceOf(Unacceptable.class).extracting("told.key").isEqualTo("day-time");
        }
    }
}
