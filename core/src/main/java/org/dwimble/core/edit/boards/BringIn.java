package org.dwimble.core.edit.boards;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
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
import org.dwimble.core.edit.Brings;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Facet;
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
public record BringIn(Vocabulary there, Wanted wanted, Where where, boolean looks) implements Brings {
    /**
     * @param board   the board here with the button that opens them
     * @param at      its cell: an empty one gets a button, a button that stays opens them from then on; null for the first empty one
     * @param name    what is written on the button, and what a section is called; blank to call it like the first board that comes
     * @param picture of the button; null for that of the first board that comes
     * @param section true for a board of their own that opens each of those nothing else opens; so it is in any case if there are several
     */
    public record Where(String board, @Nullable Cell at, String name, @Nullable String picture, boolean section) {
    }

    @Override
    public Arrival arrival(Vocabulary now) {
        return Arrival.of(there, now, wanted);
    }

    /** What is written on the button that opens them. */
    public String name(Arrival arrival) {
        return where.name().isBlank() ? arrival.first().stream().findFirst().map(Board::name).orElse("") : where.name();
    }

    /** The button that is in the cell and opens them from then on; none if one is put there. */
    public Optional<Button> openedBy(Vocabulary now) {
        return where.at() == null ? Optional.empty() : On.board(now, where.board()).at(where.at());
    }

    @Override
    public Change on(Vocabulary now, Arrival arrival, Supplier<String> ids) {
        Board onto = On.board(now, where.board());
        WayHome wayHome = WayHome.of(now);
        Map<String, Board> asHere = arrival.asHere(ids).dressed(looks, wayHome, ids);
        if (asHere.isEmpty()) {
            throw new Unacceptable("bring-all-here", "vocabulary", now.name());
        }
        String name = name(arrival);
        List<Board> brought = new ArrayList<>(asHere.values());
        List<Board> first = arrival.first().stream().map(b -> Objects.requireNonNull(asHere.get(b.id()))).toList();
        Board opens = first.get(0);
        if (where.section() || first.size() > 1) {
            List<Board> section = section(name, onto.shape(), first, wayHome, ids);
            brought.addAll(section);
            opens = section.get(0);
        }
        Leads leads = new Leads.Opens(opens.id());
        String picture = where.picture() != null ? where.picture() : first.get(0).picture();
        Button opener = openedBy(now).map(b -> opening(b, leads)).orElseGet(() -> Button.leading(ids.get(), cell(now, onto, name), name, picture, leads));
        Needs needs = Needs.of(new Key.OfShape(onto.id()), new Key.OfCell(onto.id(), opener.cell()), new Key.OfFacet(opener.id(), Facet.LEADS));
        return Change.of(now, now.with(brought).with(onto.with(opener)), needs,
            Told.of("brought-boards", "count", asHere.size(), "from", there.name(), "board", onto.name()));
    }

    private static Button opening(Button button, Leads leads) {
        if (!(button.leads() instanceof Leads.Stays)) {
            throw new Unacceptable("bring-leads-already", "button", On.named(button));
        }
        return Facet.LEADS.with(button, leads);
    }

    private Cell cell(Vocabulary now, Board onto, String name) {
        return where.at() != null ? where.at() : On.cellsToFill(now, onto, null).stream().findFirst()
            .orElseThrow(() -> new Unacceptable("board-full", "board", onto.name(), "word", name));
    }

    /** A board, or as many as it takes one after the other, with a button for each of those that come. */
    private static List<Board> section(String name, Shape shape, List<Board> first, WayHome wayHome, Supplier<String> ids) {
        List<Board> section = new ArrayList<>();
        List<Board> left = first;
        while (!left.isEmpty()) {
            Board bare = Board.empty(ids.get(), section.isEmpty() ? name : name + " " + (section.size() + 1), shape);
            Board board = bare.with(wayHome.missingOn(bare, ids));
            List<Cell> empty = board.emptyCells();
            if (empty.size() < 2) {
                throw new Unacceptable("bring-no-room-for-section", "board", name);
            }
            int room = left.size() <= empty.size() ? left.size() : empty.size() - 1;
            List<Button> openers = new ArrayList<>();
            for (int i = 0; i < room; i++) {
                openers.add(opener(left.get(i), empty.get(i), ids));
            }
            left = left.subList(room, left.size());
            section.add(board.with(openers));
        }
        for (int i = section.size() - 1; i > 0; i--) {
            Board before = section.get(i - 1);
            section.set(i - 1, before.with(opener(section.get(i), before.emptyCells().get(0), ids)));
        }
        return section;
    }

    private static Button opener(Board opens, Cell at, Supplier<String> ids) {
        return Button.leading(ids.get(), at, opens.name(), opens.picture(), new Leads.Opens(opens.id()));
    }
}
