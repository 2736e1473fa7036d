package org.dwimble.core.wordlist;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Names;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.reveal.Revealed;
import org.dwimble.core.route.Routes;
import org.dwimble.core.support.Material;
import org.dwimble.core.support.Printed;
import org.jspecify.annotations.Nullable;

/**
 * Where the words of a list are on a student's boards: the place reached by the fewest taps of those the student sees; of equals the first
 * by the board's name, in reading order. Found for all words in one go, when the first is asked for.
 */
public final class OnBoards implements Material.Ways {
    private record Place(Board board, Cell cell) {
    }

    private final Vocabulary vocabulary;
    private final Routes routes;
    private @Nullable Map<String, Place> nearest;

    public OnBoards(Vocabulary vocabulary) {
        this.vocabulary = vocabulary;
        this.routes = Routes.of(vocabulary);
    }

    @Override
    public List<Material.Tap> to(Printed word) {
        if (nearest == null) {
            nearest = gather();
        }
        Place place = nearest.get(Names.folded(word.text()));
        if (place == null) {
            return List.of();
        }
        List<Material.Tap> taps = new ArrayList<>();
        routes.to(place.board.id()).orElseThrow().forEach(tap -> taps.add(tap(vocabulary.at(tap.board()), tap.cell())));
        taps.add(tap(place.board, place.cell));
        return taps;
    }

    private Map<String, Place> gather() {
        Revealed revealed = Revealed.of(vocabulary);
        Map<String, Place> places = new HashMap<>();
        routes.boardsInOrder().stream().filter(board -> routes.reaches(board.id()))
            .sorted(Comparator.comparingInt(board -> routes.to(board.id()).orElseThrow().size()))
            .forEach(board -> board.buttons().stream().filter(revealed::shows)
                .forEach(button -> Stream.of(button.label(), button.spoken()).filter(text -> !text.isEmpty())
                    .forEach(text -> places.putIfAbsent(Names.folded(text), new Place(board, button.cell())))));
        return places;
    }

    private static Material.Tap tap(Board board, Cell cell) {
        return new Material.Tap(board.name(), board.rows(), board.columns(), cell);
    }
}
