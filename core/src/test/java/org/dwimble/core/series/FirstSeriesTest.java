package org.dwimble.core.series;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Collections;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.words.ReadyWord;
import org.dwimble.core.screen.Hand;
import org.dwimble.core.screen.Screen;
import org.dwimble.core.screen.UsualScreen;
import org.dwimble.core.told.Unacceptable;
import org.junit.jupiter.api.Test;

class FirstSeriesTest {
    private static final Screen TABLET = UsualScreen.COMMON.screen();
    private final AtomicInteger next = new AtomicInteger();
    private final Supplier<String> ids = () -> "id" + next.incrementAndGet();

    private static FirstSeries.Wanted board(String name, String... words) {
        return new FirstSeries.Wanted(name, Stream.of(words).map(w -> new ReadyWord(w, "base/" + w, null)).toList());
    }

    private Vocabulary made(FirstSeries.Wanted... boards) {
        return FirstSeries.of("Wren’s", List.of(boards), 2, TABLET, Hand.USUAL, ids);
    }

    @Test
    void oneBoardNeedsNoFirstPage() {
        Vocabulary made = made(board(null, "crisps", "bath"));
        assertThat(made.boards()).hasSize(1);
        assertThat(made.homeBoard().name()).isEqualTo("Wren’s");
        assertThat(made.homeBoard().buttons()).extracting(Button::label).containsExactly("crisps", "bath");
    }

    @Test
    void aFirstPageOpensEachOfSeveralByItsNameAndEachLeadsHomeFromTheSameCell() {
        Vocabulary made = made(board("snack", "crisps", "juice", "pear"), board(null, "duck", "kite", "ball", "more"));
        assertThat(made.homeBoard().buttons()).extracting(Button::label).containsExactly("snack", "duck, kite, ball");
        assertThat(made.homeBoard().buttons()).extracting(Button::picture).containsExactly("base/crisps", "base/duck");
        for (Button opener : made.homeBoard().buttons()) {
            Board opened = made.at(((Leads.Opens) opener.leads()).board());
            assertThat(opened.name()).isEqualTo(opener.label());
            assertThat(opened.shape()).isEqualTo(made.boards().values().stream().filter(b -> b != made.homeBoard()).findFirst().orElseThrow().shape());
            Button home = opened.at(new Cell(opened.rows() - 1, opened.columns() - 1)).orElseThrow();
            assertThat(home.leads()).isEqualTo(Leads.HOME);
        }
        assertThat(made.boards().values()).filteredOn(b -> b.name().equals("snack")).singleElement()
            .satisfies(b -> assertThat(b.at(new Cell(0, 0)).orElseThrow().label()).isEqualTo("crisps"));
    }

    @Test
    void whatABoardCannotHoldIsRefusedAndTheWayHomeCounts() {
        String[] nine = Stream.iterate(1, i -> i + 1).limit(9).map(i -> "w" + i).toArray(String[]::new);
        assertThat(made(board(null, nine)).homeBoard().buttons()).hasSize(9);
        assertThatThrownBy(() -> made(board("all", nine), board("one", "duck"))).isInstanceOf(Unacceptable.class)
            .satisfies(e -> assertThat(((Unacceptable) e).told().with()).containsEntry("cells", 8L).containsEntry("words", 9L));
        assertThatThrownBy(() -> made(board("none"))).isInstanceOf(Unacceptable.class).extracting("told.key").isEqualTo("first-board-empty");
    }

    @Test
    void aFirstPageOpensNineBoardsAndNoMore() {
        assertThat(made(Collections.nCopies(9, board(null, "duck")).toArray(FirstSeries.Wanted[]::new)).homeBoard().buttons()).hasSize(9);
        assertThatThrownBy(() -> made(Collections.nCopies(10, board(null, "duck")).toArray(FirstSeries.Wanted[]::new))).isInstanceOf(Unacceptable.class)
            .extracting("told.key").isEqualTo("first-page-holds");
    }
}
