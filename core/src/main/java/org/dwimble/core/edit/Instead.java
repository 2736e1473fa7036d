package org.dwimble.core.edit;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.dwimble.core.board.Axis;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.reveal.Meant;
import org.dwimble.core.route.WayHome;
import org.dwimble.core.told.Told;

/**
 * What could be done instead of a change that would take words from their places, and takes none.
 *
 * @param told what it is, as one would say it on a button
 */
public record Instead(Told told, Intention intention) {
    /**
     * Empty if nothing is known for this sort of change, or if that would take words from their places too.
     *
     * @param learned   true of the id of a button that is to keep its place
     * @param takesNone true of a vocabulary in which every learned word is where it was
     */
    public static Optional<Instead> of(Intention intention, Vocabulary now, Predicate<String> learned, Predicate<Vocabulary> takesNone) {
        Instead known = known(intention, now, learned);
        if (known == null) {
            return Optional.empty();
        }
        int[] n = {0};
        return takesNone.test(known.intention.on(now, () -> "instead-" + ++n[0]).after()) ? Optional.of(known) : Optional.empty();
    }

    private static Instead known(Intention intention, Vocabulary now, Predicate<String> learned) {
        if (intention instanceof Arriving arriving) {
            return known(arriving.intention(), now, learned);
        }
        if (intention instanceof MoveButton move) {
            Board to = On.board(now, move.to());
            Optional<Cell> beside = beside(now, to, move.cell());
            if (beside.isEmpty()) {
                return null;
            }
            boolean stays = learned.test(move.button());
            Told told = Told.of(stays ? "instead-copy" : "instead-beside", "row", beside.get().row() + 1, "column", beside.get().column() + 1);
            return new Instead(told, stays ? new CopyButtons(move.board(), List.of(move.button()), move.to(), beside.get())
                : new MoveButton(move.board(), move.button(), move.to(), beside.get()));
        }
        if (intention instanceof InsertLine line) {
            Board on = On.board(now, line.board());
            return new Instead(Told.of("instead-at-end", "axis", line.axis().name()), new InsertLine(line.board(), line.axis(), line.axis() == Axis.ROWS
                ? on.rows() : on.columns()));
        }
        if (intention instanceof TakeOff off) {
            return hold(Meant.of(List.of(off.button())));
        }
        if (intention instanceof Several several && several.intentions().stream().allMatch(TakeOff.class::isInstance)) {
            return hold(Meant.of(several.intentions().stream().map(i -> ((TakeOff) i).button()).toList()));
        }
        if (intention instanceof DeleteBoard delete) {
            return hold(Meant.onBoard(delete.board(), false));
        }
        if (intention instanceof LeadTo lead && lead.leads() instanceof Leads.Opens opens) {
            Button was = On.button(On.board(now, lead.board()), lead.button());
            String name = now.board(opens.board()).map(Board::name).orElse(was.label());
            return beside(now, On.board(now, lead.board()), was.cell()).map(cell -> new Instead(Told.of("instead-opener", "row", cell.row() + 1, "column",
                cell.column() + 1),
                new PutOpener(lead.board(), cell, name, null, lead.leads()))).orElse(null);
        }
        return null;
    }

    private static Instead hold(Meant words) {
        return new Instead(Told.of("instead-hold"), new HoldWords(words, "", null, false, null, null));
    }

    /** The empty cell nearest a cell, but not where other boards have their way home. */
    private static Optional<Cell> beside(Vocabulary now, Board board, Cell cell) {
        List<Cell> kept = WayHome.of(now).keptFree(board);
        return board.emptyCells().stream().filter(c -> !kept.contains(c))
            .min(Comparator.comparingInt((Cell c) -> Math.abs(c.row() - cell.row()) + Math.abs(c.column() - cell.column())).thenComparing(c -> c));
    }
}
