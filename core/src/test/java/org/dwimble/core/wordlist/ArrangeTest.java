package org.dwimble.core.wordlist;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.dwimble.core.measure.Length;
import org.dwimble.core.support.OwnGrid;
import org.dwimble.core.told.Unacceptable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Words of a grid dragged from cell to cell. */
class ArrangeTest {
    private static WordList grid(List<Integer> empty, String... words) {
        return WordList.of("Baking", Stream.of(words).map(w -> ListedWord.of(w, w, null, null)).toList())
            .withSupport(new OwnGrid(2, 4, empty, Length.ZERO, "", false));
    }

    /** The eight cells, "." for nothing. */
    private static String cells(WordList list) {
        OwnGrid grid = (OwnGrid) list.support();
        List<String> words = new ArrayList<>(list.words().stream().filter(w -> w.times() > 0).map(ListedWord::text).toList());
        StringBuilder cells = new StringBuilder();
        for (int i = 0; i < 8; i++) {
            cells.append(grid.empty().contains(i) || words.isEmpty() ? "." : words.remove(0));
        }
        return cells.toString();
    }

    @ParameterizedTest
    @CsvSource({"0,2,cba.....", "0,5,.bc..a..", "2,7,ab.....c", "1,0,bac....."})
    void theTwoCellsChangeAndNothingElseMoves(int from, int to, String cells) {
        WordList list = grid(List.of(), "a", "b", "c");
        WordList arranged = new ListEdit.Arrange(from, to).on(list);
        assertThat(cells(arranged)).isEqualTo(cells);
        assertThat(cells(new ListEdit.Arrange(to, from).on(arranged))).as("and back").isEqualTo("abc.....");
    }

    @Test
    void emptyCellsStayEmptyAndWordsThatAreNotPrintedStay() {
        WordList list = grid(List.of(1, 6), "a", "b", "c");
        WordList kept = list.withWords(List.of(list.words().get(0), list.words().get(1).withTimes(0), list.words().get(2)));
        WordList arranged = new ListEdit.Arrange(2, 4).on(kept);
        assertThat(cells(arranged)).isEqualTo("a...c...");
        assertThat(((OwnGrid) arranged.support()).empty()).containsExactly(1, 2, 3, 6);
        assertThat(arranged.words()).extracting(ListedWord::text).containsExactly("a", "c", "b");
    }

    @Test
    void whatCannotBeArrangedIsRefused() {
        WordList list = grid(List.of(), "a", "b");
        for (ListEdit.Arrange none : List.of(new ListEdit.Arrange(5, 1), new ListEdit.Arrange(0, 8), new ListEdit.Arrange(0, -1), new ListEdit.Arrange(0, 0))) {
            assertThatThrownBy(() -> none.on(list)).isInstanceOf(Unacceptable.class);
        }
        assertThatThrownBy(() -> new ListEdit.Arrange(0, 1).on(list.withWords(List.of(list.words().get(0).withTimes(2))))).isInstanceOf(Unacceptable.class);
        assertThatThrownBy(() -> new ListEdit.Arrange(0, 1).on(WordList.of("Cards", list.words()))).isInstanceOf(Unacceptable.class);
        assertThatThrownBy(() -> new ListEdit.Arrange(0, 1).on(grid(List.of(), "a", "b", "c", "d", "e", "f", "g", "h", "i"))).isInstanceOf(Unacceptable.class);
    }
}
