package org.dwimble.core.edit;

import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.route.WayHome;
import org.dwimble.core.told.Told;
import org.jspecify.annotations.Nullable;

/**
 * Makes a board with its way home and back where its siblings have them, and its first words.
 *
 * @param openedFrom the board with the button that opens it; null if none does yet
 * @param openedBy   that button
 */
public record NewBoard(String name, @Nullable String openedFrom, @Nullable String openedBy, List<ReadyWord> words) implements Intention {
    public NewBoard {
        words = List.copyOf(words);
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Board added = WayHome.newBoard(ids.get(), name, now, ids);
        Vocabulary after = now.with(added);
        Needs needs = Needs.NOTHING;
        if (openedFrom != null && openedBy != null) {
            Board from = On.board(now, openedFrom);
            Button opener = Facet.LEADS.with(On.button(from, openedBy), new Leads.Opens(added.id()));
            after = after.with(from.with(opener));
            needs = Needs.of(new Key.OfFacet(openedBy, Facet.LEADS));
        }
        if (!words.isEmpty()) {
            after = new PutWords(added.id(), null, words).on(after, ids).after();
        }
        return Change.of(now, after, needs, Told.of("added-board", "board", added.name()));
    }
}
