package org.dwimble.core.screen;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.dwimble.core.measure.Length;
import org.junit.jupiter.api.Test;

class CellSizesTest {
    private static final Screen SCREEN = UsualScreen.COMMON.screen();

    @Test
    void aBankCardTellsHowLargeAScreenIs() {
        Screen screen = Screen.besideCard(856, 2_000, 1_500);
        assertThat(screen.width().mm()).isCloseTo(200, within(0.001));
        assertThat(screen.height().mm()).isCloseTo(150, within(0.001));
        assertThat(screen.turned()).isEqualTo(new Screen(Length.mm(150), Length.mm(200)));
    }

    @Test
    void usualGridsGoFromLargeCellsToSmallAndLieAsTheScreenLies() {
        assertThat(CellSizes.usual(SCREEN)).allMatch(g -> g.columns() >= g.rows()).hasSize(10)
            .isSortedAccordingTo((a, b) -> Integer.compare(a.cells(), b.cells()));
        assertThat(CellSizes.usual(SCREEN.turned())).allMatch(g -> g.columns() <= g.rows());
    }

    @Test
    void aCellSuitsAHandThatNeedsNoMoreOnEitherSide() {
        CellSizes.Size size = CellSizes.of(new TalkLayout(SCREEN, 5, 8));
        assertThat(size.suits(new Hand(Length.mm(20), Length.ZERO, ""))).isTrue();
        assertThat(size.suits(new Hand(Length.smaller(size.width(), size.height()), Length.ZERO, ""))).isTrue();
        assertThat(size.suits(new Hand(Length.mm(30), Length.ZERO, ""))).as("wide enough, or high enough, is not enough").isFalse();
        assertThat(CellSizes.of(new TalkLayout(SCREEN, 30, 30)).small()).isTrue();
    }
}
