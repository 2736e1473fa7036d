package org.dwimble.server.demo;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Extras;
import org.dwimble.core.board.Origin;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.board.Whole;
import org.dwimble.core.bringin.Wanted;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.boards.BringIn;
import org.dwimble.core.edit.words.GiveLabel;
import org.dwimble.core.edit.words.PutWords;
import org.dwimble.core.route.WayHome;
import org.dwimble.core.told.Told;
import org.dwimble.core.wordline.Guesses;
import org.dwimble.core.wordline.WordLine;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.library.Library;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;

/** A bundle that lies on a shelf for weeks: a word of somebody could grow into it, and where it was brought in it is newer by now. */
@Component
@Profile("demo")
class KeptBundles {
    private static final String DRINKS = "drink, tea, cocoa, milk, water, juice, lemonade, coffee, milkshake, straw, cup, ice, hot, cold, bottle, soup, "
        + "thirsty, more, finished";

    private final VocabularyStore vocabularies;
    private final Library library;
    private final Supplier<String> ids;
    private final Instant now;

    KeptBundles(VocabularyStore vocabularies, Library library, Supplier<String> ids, Clock clock) {
        this.vocabularies = vocabularies;
        this.library = library;
        this.ids = ids;
        this.now = clock.instant();
    }

    private PutWords words(String board, String words) {
        return new PutWords(board, null, WordLine.ready(WordLine.read(words), Guesses.of(library.search(), library.kinds())));
    }

    private Instant at(int daysAgo) {
        return now.minus(Duration.ofDays(daysAgo));
    }

    private long edit(long vocabulary, Account by, int daysAgo, Intention made) {
        int version = vocabularies.there(vocabulary).version();
        return vocabularies.edit(vocabulary, version, made, VocabularyStore.Asking.NOTHING, by.id(), at(daysAgo)).after().version();
    }

    /** @param brought the vocabulary it was brought into, as it lay there first @param onto the board there that opens it */
    void drinks(Account by, long brought, String onto) {
        Board bare = Board.empty(ids.get(), "Drinks", new Shape(5, 8));
        Board empty = bare.with(List.of(WayHome.home(ids.get(), new Cell(4, 1))));
        Vocabulary drinks = new Vocabulary(new Whole("Drinks at the harbour café", empty.id(), "en-GB", Extras.NONE), Map.of(empty.id(), empty));
        Vocabulary full = words(empty.id(), DRINKS).on(drinks, ids).after();
        long bundle = vocabularies.bundle(full, by.id(), at(32), Told.of("bundled", "from", "Drinks at the harbour café"));
        BringIn.Where where = new BringIn.Where(onto, null, "Drinks", null, false);
        edit(brought, by, 1, new BringIn(Origin.marked(full, String.valueOf(bundle), 1), Wanted.all(List.of(empty.id())), where, false));
        Button lemonade = full.homeBoard().buttons().stream().filter(b -> b.label().equals("lemonade")).findFirst().orElseThrow();
        edit(bundle, by, 0, new GiveLabel(empty.id(), lemonade.id(), "fizzy lemonade"));
        edit(bundle, by, 0, words(empty.id(), "sugar, biscuit"));
    }
}
