package org.dwimble.server.regrid;

import java.util.List;
import java.util.stream.Stream;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Standing;
import org.dwimble.core.regrid.InSteps;
import org.dwimble.core.regrid.Onto;
import org.dwimble.core.regrid.Regridded;
import org.dwimble.core.regrid.SecondBoard;
import org.dwimble.core.regrid.Topic;
import org.dwimble.core.regrid.Weights;
import org.dwimble.server.board.BoardView;
import org.jspecify.annotations.Nullable;

/**
 * Boards as they would be on another grid.
 *
 * @param boards each of them, in order
 * @param shown  one of them as it would be
 * @param ways   what there is to choose from, what is asked for first
 * @param second leaving the board that is meant as it is, with a second one beside it
 * @param counts true if words weigh by how often they were said
 * @param steps  what each step would do; null if none were asked for
 */
record RegridView(List<RegridLine> boards, RegridBoard shown, List<RegridWay> ways, SecondView second, boolean counts,
    @Nullable List<RegridStep> steps) {
    /** @param at the cell for the way to it; null if none is free @param cells it gives */
    record SecondView(@Nullable Cell at, int cells) {
        static SecondView of(SecondBoard second) {
            return new SecondView(second.at().orElse(null), second.cells());
        }
    }

    /** @param moved words a finger would not find where they were @param linked new boards it would open */
    record RegridLine(String board, String name, int words, int moved, int linked) {
    }

    /** @param mm how far all words move together @param free cells with nothing in them on the boards themselves */
    record RegridWay(Onto.How how, int moved, double mm, int free) {
    }

    /**
     * A step.
     *
     * @param words  that a finger would not find where they were
     * @param boards so many are laid on another grid
     */
    record RegridStep(List<String> words, int boards) {
        static RegridStep of(InSteps.OneStep step) {
            return new RegridStep(step.words().stream().map(Button::called).toList(), step.besides().grids().size());
        }
    }

    /** In millimetres. */
    record CellMm(double width, double height) {
        static CellMm of(Regridded.CellSize size) {
            return new CellMm(size.width().mm(), size.height().mm());
        }
    }

    /**
     * A word.
     *
     * @param board it would stand on
     * @param mm    between its places; 0 on another board
     * @param times it was said, as far as that is kept
     * @param found true if a finger that goes where it was still touches it
     */
    record RegridWord(String button, String label, Standing from, String board, Standing to, double mm, int times, boolean core, boolean found) {
    }

    /** @param name null for words of nothing in common */
    record TopicView(@Nullable String name, List<String> words) {
        static TopicView of(Topic topic) {
            return new TopicView(topic.name(), topic.buttons().stream().map(b -> b.called()).toList());
        }
    }

    /**
     * One board before and after.
     *
     * @param linked   new boards, in the order in which they are opened
     * @param words    each button of it; those to which most happens first
     * @param topics   that could go to a board of their own
     * @param going    those that do
     * @param narrowed buttons over several cells that would cover fewer
     * @param cell     the smallest before
     * @param cellThen the smallest after
     */
    record RegridBoard(BoardView before, BoardView after, List<BoardView> linked, List<RegridWord> words, List<TopicView> topics, List<TopicView> going,
        int narrowed, CellMm cell, CellMm cellThen) {
        static RegridBoard of(Regridded.OfBoard board, Weights weights) {
            List<Regridded.Moved> moved = board.moved();
            List<Regridded.Moved> stay = board.words().stream().filter(Regridded.Moved::found).toList();
            return new RegridBoard(BoardView.of(board.before()), BoardView.of(board.after()), board.linked().stream().map(BoardView::of).toList(),
                Stream.concat(moved.stream(), stay.stream()).map(w -> new RegridWord(w.button().id(), w.button().called(), w.from(), w.board(),
                    w.to(), w.mm(), weights.times(w.button()), Weights.core(w.button()), w.found())).toList(),
                board.topics().stream().map(TopicView::of).toList(), board.going().stream().map(TopicView::of).toList(), board.narrowed(),
                CellMm.of(board.cell()), CellMm.of(board.cellThen()));
        }
    }

    static RegridLine line(Regridded.OfBoard board) {
        return new RegridLine(board.before().id(), board.before().name(), board.words().size(), board.moved().size(), board.linked().size());
    }

    static RegridWay way(Onto.How how, Regridded done) {
        return new RegridWay(how, done.moved(), done.mm(), done.boards().stream().mapToInt(Regridded.OfBoard::free).sum());
    }
}
