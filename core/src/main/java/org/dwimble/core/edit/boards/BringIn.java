package org.dwimble.core.edit.boards;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.bringin.Arrival;
import org.dwimble.core.bringin.Wanted;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Facet;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Key;
import org.dwimble.core.edit.On;
import org.dwimble.core.route.WayHome;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Needs;
import org.jspecify.annotations.Nullable;

/**
 * Brings boards of another vocabulary in, as {@link Arrival} works out, with their ways home and back where the boards here have them, and a button that
 * opens them. Nothing that stands here moves.
 *
 * @param there what they come from, with the pictures and sounds that may come; never changed
 * @param where where they open
 * @param looks true if they keep how they look there; else they look as boards look here
 */
public record BringIn(Vocabulary there, Wanted wanted, Where where, boolean looks) implements Intention {
    /**
     * @param board   the board here with the button that opens them
     * @param at      its cell: an empty one gets a button, a button that stays opens them from then on; null for the first empty one
     * @param name    what is written on the button, and what a section is called
     * @param picture of the button; null for that of the first button that comes
     * @param section true for a board of their own that opens each of those nothing else opens; so it is in any case if there are several
     */
    public record Where(String board, @Nullable Cell at, String name, @Nullable String picture, boolean section) {
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Arrival arrival = Arrival.of(there, now, wanted);
        Board onto = On.board(now, where.board());
        WayHome wayHome = WayHome.of(now);
        Map<String, Board> asHere = arrival.asHere(ids).dressed(looks, wayHome, ids);
        if (asHere.isEmpty()) {
            throw new Unacceptable("bring-all-here", "vocabulary", now.name());
        }
        List<Board> brought = new ArrayList<>(asHere.values());
        List<Board> first = arrival.first().stream().map(b -> asHere.get(b.id())).toList();
        Board opens = first.get(0);
        if (where.section() || first.size() > 1) {
            List<Board> section = section(onto.shape(), first, wayHome, ids);
            brought.addAll(section);
            opens = section.get(0);
        }
        Button opener = opener(now, onto, opens, first.get(0), ids);
        Vocabulary after = now.with(brought).with(onto.with(opener));
        List<Key> needs = new ArrayList<>(List.of(new Key.OfShape(onto.id()), new Key.OfCell(onto.id(), opener.cell())));
        return Change.of(now, after, Needs.of(needs), Told.of("brought-boards", "count", asHere.size(), "from", there.name(), "board", onto.name()));
    }

    private Button opener(Vocabulary now, Board onto, Board opens, Board pictured, Supplier<String> ids) {
        Leads leads = new Leads.Opens(opens.id());
        Optional<Button> there = where.at() == null ? Optional.empty() : onto.at(where.at());
        if (there.isPresent()) {
            if (!(there.get().leads() instanceof Leads.Stays)) {
                throw new Unacceptable("bring-leads-already", "button", On.named(there.get()));
            }
            return Facet.LEADS.with(there.get(), leads);
        }
        Cell cell = where.at() != null ? where.at() : On.cellsToFill(now, onto, null).stream().findFirst()
            .orElseThrow(() -> new Unacceptable("board-full", "board", onto.name(), "word", where.name()));
        String picture = where.picture() != null ? where.picture() : pictured.buttons().stream().filter(Button::isWord).map(Button::picture)
            .filter(p -> p != null).findFirst().orElse(null);
        return Button.leading(ids.get(), cell, where.name(), picture, leads);
    }

    /** A board, or as many as it takes one after the other, with a button for each of those that come. */
    private List<Board> section(Shape shape, List<Board> first, WayHome wayHome, Supplier<String> ids) {
        List<Board> section = new ArrayList<>();
        List<Board> left = new ArrayList<>(first);
        while (!left.isEmpty()) {
            Board bare = Board.empty(ids.get(), section.isEmpty() ? where.name() : where.name() + " " + (section.size() + 1), shape);
            Board board = bare.with(wayHome.missingOn(bare, ids));
            List<Cell> empty = board.emptyCells();
            if (empty.size() < 2) {
                throw new Unacceptable("bring-no-room-for-section", "board", where.name());
            }
            int room = left.size() <= empty.size() ? left.size() : empty.size() - 1;
            List<Button> openers = new ArrayList<>();
            for (int i = 0; i < room; i++) {
                Board opens = left.get(i);
                String picture = opens.buttons().stream().filter(Button::isWord).map(Button::picture).filter(p -> p != null).findFirst().orElse(null);
                openers.add(Button.leading(ids.get(), empty.get(i), opens.name(), picture, new Leads.Opens(opens.id())));
            }
            left = left.subList(room, left.size());
            section.add(board.with(openers));
        }
        for (int i = 0; i + 1 < section.size(); i++) {
            Board board = section.get(i);
            section.set(i, board.with(Button.leading(ids.get(), board.emptyCells().get(0), section.get(i + 1).name(), null, new Leads.Opens(section.get(i
                + 1).id()))));
        }
        return section;
    }
}
