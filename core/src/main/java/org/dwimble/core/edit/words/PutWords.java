package org.dwimble.core.edit.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Standing;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.board.WholeRoom;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Key;
import org.dwimble.core.edit.On;
import org.dwimble.core.route.Siblings;
import org.dwimble.core.route.WayHome;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Needs;
import org.jspecify.annotations.Nullable;

/**
 * Puts words on a board, one after the other in empty cells from a cell on, in reading order, going on at the top if the
 * end is reached. Cells where the other boards have home and back are passed over, unless one is the very cell to
 * begin at. All of the words are put, or none. A word that opens a board gets that board made, like its siblings, with
 * its words on it.
 *
 * @param from the cell promised for the first word, which is needed as it was; null for the first empty one
 */
public record PutWords(String board, @Nullable Cell from, List<ReadyWord> words) implements Intention {
    /** The most words put at once. */
    public static final int MOST = 400;

    public PutWords {
        words = bounded(words, MOST);
    }

    /** @throws Unacceptable if there are no words, or more than {@code most}, with those of the boards they open */
    public static List<ReadyWord> bounded(List<ReadyWord> words, int most) {
        if (words.isEmpty()) {
            throw new Unacceptable("word-line-empty");
        }
        int count = words.stream().mapToInt(ReadyWord::count).sum();
        if (count > most) {
            throw new Unacceptable("too-many-words", "has", count, "most", most);
        }
        return List.copyOf(words);
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Board on = On.board(now, board);
        Needs needs = from == null ? Needs.of(new Key.OfShape(board)) : Needs.of(new Key.OfCell(board, from), new Key.OfShape(board));
        return put(now, on, words, placed(now, on), needs, ids);
    }

    /** One word a standing, in their order, with the boards that words open. */
    static Change put(Vocabulary now, Board on, List<ReadyWord> words, List<Standing> standings, Needs needs, Supplier<String> ids) {
        List<Button> put = new ArrayList<>();
        Vocabulary after = now;
        for (int i = 0; i < words.size(); i++) {
            ReadyWord word = words.get(i);
            Button button = word.in(standings.get(i), ids.get());
            List<ReadyWord> opened = word.opens();
            if (opened != null) {
                Board added = Siblings.of(now, on.id()).newBoard(ids.get(), Text.cut(word.label(), Board.LONGEST_NAME), null, ids);
                button = Button.leading(button.id(), button.cell(), button.label(), button.picture(), new Leads.Opens(added.id()))
                    .withStanding(button.standing());
                after = after.with(added);
                after = opened.isEmpty() ? after : new PutWords(added.id(), null, opened).on(after, ids).after();
            }
            put.add(button);
        }
        return Change.of(now, after.with(on.with(put)), needs, PutButtons.told(put, on.name()));
    }

    /** For a pad alone on a board that has nothing but its ways. */
    private Optional<Standing> wholeRoom(Vocabulary now, Board on) {
        boolean alone = from == null && words.size() == 1 && words.get(0).isPad() && on.buttons().stream().allMatch(Button::isWay);
        return alone ? WholeRoom.of(on, Set.copyOf(WayHome.of(now).keptFree(on))) : Optional.empty();
    }

    private List<Standing> placed(Vocabulary now, Board on) {
        List<Standing> cells = wholeRoom(now, on).map(List::of).orElseGet(() -> on.rooms(On.cellsToFill(now, on, from)));
        if (cells.isEmpty()) {
            throw new Unacceptable("board-full", "board", on.name(), "word", Text.cut(words.get(0).label(), 30));
        }
        if (words.size() > cells.size()) {
            throw new Unacceptable("too-few-cells", "words", words.size(), "board", on.name(), "cells", cells.size());
        }
        return cells;
    }
}
