package org.dwimble.core.edit.grow;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Supplier;
import org.dwimble.core.board.Acts;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Extras;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Shown;
import org.dwimble.core.board.Standing;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.bringin.Arrival;
import org.dwimble.core.bringin.Wanted;
import org.dwimble.core.bringin.WayOut;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Facet;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Key;
import org.dwimble.core.edit.On;
import org.dwimble.core.grow.Kin;
import org.dwimble.core.route.WayHome;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Needs;
import org.jspecify.annotations.Nullable;

/**
 * Lets a word grow: it opens a board on which it stands among its kin. Its place, its picture and its label stay; nothing moves. Buttons of that board which
 * would open others open those of the same name here, or only speak.
 *
 * @param there     the vocabulary the board comes from; null if it is here
 * @param kin       id of that board
 * @param firstSays true if the first tap says the word still
 */
public record GrowWord(String board, String button, @Nullable Vocabulary there, String kin, boolean firstSays) implements Intention {
    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Board on = On.board(now, board);
        Button word = On.button(on, button);
        grows(word);
        if (there == null && kin.equals(board)) {
            throw new Unacceptable("grow-own-board", "word", On.named(word), "board", on.name());
        }
        WayHome wayHome = WayHome.of(now);
        Arrival arrival = there == null ? null : arrival(there, now);
        Map<String, Board> brought = arrival == null ? Map.of() : arrival.asHere(ids).dressed(false, wayHome, ids);
        Vocabulary with = now.with(brought.values());
        Board opened = On.board(with, arrival == null ? kin : opened(arrival, brought));
        Board standing = opened.with(among(opened, word, wayHome, ids));
        Acts acts = firstSays ? word.acts().withLeads(new Leads.Opens(opened.id())) : Acts.leading(new Leads.Opens(opened.id()));
        Vocabulary after = with.with(standing);
        after = after.with(after.at(board).with(word.withActs(acts)));
        Needs needs = Needs.of(new Key.OfFacet(button, Facet.LEADS), new Key.OfFacet(button, Facet.SAYS), new Key.OfShape(opened.id()));
        int adds = (int) standing.buttons().stream().filter(b -> b.isWord() && !b.isWay()).count() - 1;
        return Change.of(now, after, needs, Told.of("grew", "word", word.called(), "board", on.name(), "adds", adds));
    }

    private static void grows(Button word) {
        if (!(word.leads() instanceof Leads.Stays)) {
            throw new Unacceptable("grow-leads-already", "word", On.named(word));
        }
        if (!word.isWord()) {
            throw new Unacceptable("grow-says-nothing", "word", On.named(word));
        }
        if (word.hidden()) {
            throw new Unacceptable("grow-held", "word", On.named(word));
        }
    }

    private Arrival arrival(Vocabulary from, Vocabulary now) {
        Arrival arrival = Arrival.of(from, now, Wanted.alone(List.of(kin)));
        Map<String, WayOut> ways = new HashMap<>();
        arrival.loose().forEach(l -> {
            if (l.likely() != null) {
                ways.put(l.missing().id(), new WayOut.PointsTo(l.likely().board()));
            }
        });
        return ways.isEmpty() ? arrival : Arrival.of(from, now, Wanted.alone(List.of(kin)).withWays(ways));
    }

    /** The board as it is here: the one that came, or one of the same content that is here already. */
    private String opened(Arrival arrival, Map<String, Board> brought) {
        Board came = brought.get(kin);
        return came != null ? came.id() : Objects.requireNonNull(arrival.met().get(0).here());
    }

    /** The word on the board it opens, with its own picture and what it does; as it is, on a board that is here and has it. */
    private Button among(Board opened, Button word, WayHome wayHome, Supplier<String> ids) {
        Cell at = Kin.place(opened, word, wayHome).orElseThrow(() -> new Unacceptable("board-full", "board", opened.name(), "word", word.called()));
        Button same = Kin.same(opened, word).orElse(null);
        if (same != null && there == null) {
            return same;
        }
        Shown shown = Shown.YES.withLook(word.shown().look());
        return same != null ? new Button(same.id(), same.standing(), word.face(), word.acts(), shown, same.extras(), same.origin())
            : new Button(ids.get(), Standing.at(at), word.face(), word.acts(), shown, Extras.NONE);
    }
}
