package org.dwimble.core.series;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.words.PutFarApart;
import org.dwimble.core.edit.words.ReadyWord;
import org.dwimble.core.first.FirstBoard;
import org.dwimble.core.route.WayHome;
import org.dwimble.core.screen.Hand;
import org.dwimble.core.screen.Screen;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * Several first boards of one student: a first page opens each of them, and all have the same grid, the way home in its last cell, so that no hand has
 * to learn a place twice. A single one has no first page.
 */
public final class FirstSeries {
    private static final int NAMED_AFTER = 3;

    /** @param name null to name it after its first words */
    public record Wanted(@Nullable String name, List<ReadyWord> words) {
        public Wanted {
            words = List.copyOf(words);
        }
    }

    private FirstSeries() {
    }

    /**
     * @param cells how many each board is to hold at least
     * @throws Unacceptable if a board has no words, has more than it can hold for this hand, or there are more boards than a first page can open
     */
    public static Vocabulary of(String name, List<Wanted> boards, int cells, Screen screen, Hand hand, Supplier<String> ids) {
        boards.stream().filter(b -> b.words.isEmpty()).findFirst().ifPresent(b -> {
            throw new Unacceptable("first-board-empty");
        });
        boolean alone = boards.size() == 1;
        int most = boards.stream().mapToInt(b -> b.words.size()).max().orElse(0);
        FirstBoard grid = FirstBoard.holding(Math.max(cells, FirstBoard.LEAST), most, alone ? 0 : 1, false, screen, hand);
        List<Board> made = new ArrayList<>();
        for (Wanted wanted : boards) {
            String called = wanted.name == null ? alone ? name : after(wanted.words) : wanted.name;
            Board bare = grid.board(ids.get(), Text.cut(called, Board.LONGEST_NAME), null, null);
            Cell last = new Cell(bare.rows() - 1, bare.columns() - 1);
            made.add(alone ? bare : bare.with(WayHome.home(ids.get(), last)));
        }
        if (boards.size() > FirstBoard.MOST) {
            throw new Unacceptable("first-page-holds", "boards", boards.size(), "most", FirstBoard.MOST);
        }
        Board home = alone ? made.get(0) : firstPage(name, made, boards, FirstBoard.holding(boards.size(), boards.size(), false, screen, hand), ids);
        List<Board> all = new ArrayList<>(made);
        if (!alone) {
            all.add(home);
        }
        Vocabulary vocabulary = Vocabulary.of(name, home.id(), "en", all);
        for (int i = 0; i < made.size(); i++) {
            vocabulary = new PutFarApart(made.get(i).id(), boards.get(i).words).on(vocabulary, ids).after();
        }
        return vocabulary;
    }

    private static String after(List<ReadyWord> words) {
        return words.stream().limit(NAMED_AFTER).map(ReadyWord::label).collect(Collectors.joining(", "));
    }

    private static Board firstPage(String name, List<Board> boards, List<Wanted> wanted, FirstBoard grid, Supplier<String> ids) {
        Board page = grid.board(ids.get(), Text.cut(name, Board.LONGEST_NAME), null, null);
        List<Cell> cells = FirstBoard.order(page);
        List<Button> openers = new ArrayList<>();
        for (int i = 0; i < boards.size(); i++) {
            String picture = wanted.get(i).words.stream().map(ReadyWord::picture).filter(p -> p != null).findFirst().orElse(null);
            openers.add(Button.leading(ids.get(), cells.get(i), boards.get(i).name(), picture, new Leads.Opens(boards.get(i).id())));
        }
        return page.withButtons(openers);
    }
}
