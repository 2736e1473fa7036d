package org.dwimble.core.wordlist;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Names;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.find.WordPlaces;
import org.dwimble.core.reveal.Revealed;
import org.dwimble.core.route.Routes;
import org.dwimble.core.support.Material;
import org.dwimble.core.support.Printed;

/** Where the words of a list are on a student's boards: the place reached by the fewest taps of those the student sees. */
public final class OnBoards implements Material.Ways {
    private static final int LOOKED_AT = 50;

    private final Vocabulary vocabulary;
    private final Routes routes;
    private final Revealed revealed;

    public OnBoards(Vocabulary vocabulary) {
        this.vocabulary = vocabulary;
        this.routes = Routes.of(vocabulary);
        this.revealed = Revealed.of(vocabulary);
    }

    @Override
    public List<Material.Tap> to(Printed word) {
        String sought = Names.folded(word.text());
        Optional<WordPlaces.Place> place = WordPlaces.of(vocabulary, routes, word.text(), LOOKED_AT).stream()
            .filter(p -> Names.folded(p.button().label()).equals(sought) || Names.folded(p.button().spoken()).equals(sought))
            .filter(p -> p.taps() > 0 && revealed.shows(p.button())).findFirst();
        List<Material.Tap> taps = new ArrayList<>();
        place.ifPresent(p -> {
            routes.to(p.board()).orElseThrow().forEach(tap -> taps.add(tap(vocabulary.boards().get(tap.board()), tap.cell())));
            taps.add(tap(vocabulary.boards().get(p.board()), p.cell()));
        });
        return taps;
    }

    private static Material.Tap tap(Board board, Cell cell) {
        return new Material.Tap(board.name(), board.rows(), board.columns(), cell);
    }
}
