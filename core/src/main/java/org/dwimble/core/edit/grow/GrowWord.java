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
        Vocabulary with = there == null ? now : now.with(brought(there, now, ids));
        Board opened = there == null ? On.board(now, kin) : On.board(with, opened(there, now, with));
        Board standing = opened.with(among(with, opened, word, there == null, ids));
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

    private List<Board> brought(Vocabulary from, Vocabulary now, Supplier<String> ids) {
        return List.copyOf(arrival(from, now).asHere(ids).dressed(false, WayHome.of(now), ids).values());
    }

    /** The board as it is here: the one that came, or one of the same content that is here already. */
    private String opened(Vocabulary from, Vocabulary now, Vocabulary with) {
        return arrival(from, now).met().stream().filter(m -> m.board().id().equals(kin) && !m.comes()).map(m -> Objects.requireNonNull(m.here())).findFirst()
            .orElseGet(() -> with.boards().keySet().stream().filter(id -> !now.boards().containsKey(id)).findFirst().orElseThrow());
    }

    /** The word on the board it opens: in the place of the same word there, with its own picture and what it does here, else in the first free cell. */
    private static Button among(Vocabulary now, Board opened, Button word, boolean own, Supplier<String> ids) {
        Button same = Kin.same(opened, word).orElse(null);
        if (same != null && own) {
            return same;
        }
        if (same != null) {
            return new Button(same.id(), same.standing(), word.face(), word.acts(), Shown.YES.withLook(word.shown().look()), same.extras(), same.origin());
        }
        Cell free = On.cellsToFill(now, opened, null).stream().findFirst()
            .orElseThrow(() -> new Unacceptable("board-full", "board", opened.name(), "word", word.called()));
        return new Button(ids.get(), Standing.at(free), word.face(), word.acts(), Shown.YES.withLook(word.shown().look()), Extras.NONE);
    }
}
