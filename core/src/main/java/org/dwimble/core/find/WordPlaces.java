package org.dwimble.core.find;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Layer;
import org.dwimble.core.board.Names;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.route.Routes;

/** Finding a word anywhere in a vocabulary. Capitals and the way letters are encoded make no difference ({@link Names#folded}). */
public final class WordPlaces {
    /**
     * A button that shows or says a word.
     *
     * @param name of the board
     * @param taps from home to say it, at least 1; 0 if no taps lead there
     */
    public record Place(String board, String name, Button button, int taps) {
        public Cell cell() {
            return button.cell();
        }
    }

    /**
     * One word that is shown or said in different ways in different places.
     *
     * @param pictures the different pictures, the commonest first; fewer than two if it has the same everywhere
     * @param kinds    the different kinds, the commonest first; fewer than two if it is the same everywhere
     * @param spoken   the different texts it says, the commonest first; fewer than two if it says the same everywhere
     */
    public record Differs(String word, List<List<Layer>> pictures, List<Kind> kinds, List<String> spoken) {
    }

    private WordPlaces() {
    }

    /**
     * Buttons whose label or spoken words have the text in them: those that are just it first, then those that start so,
     * then the others; each by taps from home, then by board name and reading order.
     *
     * @param most how many at most
     */
    public static List<Place> of(Vocabulary vocabulary, Routes routes, String text, int most) {
        String sought = Names.folded(text.strip());
        if (sought.isEmpty()) {
            return List.of();
        }
        record Ranked(int rank, Place place) {
        }
        List<Ranked> found = new ArrayList<>();
        for (Board board : vocabulary.boards().values()) {
            int taps = routes.to(board.id()).map(t -> t.size() + 1).orElse(0);
            for (Button button : board.buttons()) {
                int rank = Math.min(rank(Names.folded(button.label()), sought), rank(Names.folded(button.spoken()), sought));
                if (rank < 3) {
                    found.add(new Ranked(rank, new Place(board.id(), board.name(), button, taps)));
                }
            }
        }
        found.sort(Comparator.comparingInt(Ranked::rank).thenComparing(r -> r.place.taps == 0 ? Integer.MAX_VALUE : r.place.taps)
            .thenComparing(r -> r.place.name, Names.order()).thenComparing(r -> r.place.board).thenComparing(r -> r.place.cell()));
        return found.stream().limit(most).map(Ranked::place).toList();
    }

    private static int rank(String words, String sought) {
        if (words.equals(sought)) {
            return 0;
        }
        return words.startsWith(sought) ? 1 : words.contains(sought) ? 2 : 3;
    }

    /** Buttons whose label or spoken words are just this, in the same order. */
    public static List<Place> exactly(Vocabulary vocabulary, Routes routes, String word) {
        String sought = Names.folded(word.strip());
        return of(vocabulary, routes, word, Integer.MAX_VALUE).stream()
            .takeWhile(p -> rank(Names.folded(p.button.label()), sought) == 0 || rank(Names.folded(p.button.spoken()), sought) == 0).toList();
    }

    /** Words that stand in more than one place and are not the same everywhere, in the order of the alphabet. Only buttons that say something count. */
    public static List<Differs> differing(Vocabulary vocabulary) {
        Map<String, List<Button>> byWord = new LinkedHashMap<>();
        for (Board board : vocabulary.boards().values()) {
            for (Button button : board.buttons()) {
                if (!button.label().isEmpty() && button.isWord()) {
                    byWord.computeIfAbsent(Names.folded(button.label()), w -> new ArrayList<>()).add(button);
                }
            }
        }
        List<Differs> differing = new ArrayList<>();
        byWord.values().stream().filter(buttons -> buttons.size() > 1).forEach(buttons -> {
            List<List<Layer>> pictures = commonestFirst(buttons.stream().map(Button::layers).toList());
            List<Kind> kinds = commonestFirst(buttons.stream().map(Button::kind).filter(k -> k != null).toList());
            List<String> spoken = commonestFirst(buttons.stream().map(b -> b.spoken().equals(b.label()) ? Names.folded(b.label()) : b.spoken()).toList());
            if (pictures.size() > 1 || kinds.size() > 1 || spoken.size() > 1) {
                differing.add(new Differs(buttons.get(0).label(), pictures, kinds, spoken));
            }
        });
        differing.sort(Comparator.comparing(Differs::word, Names.order()));
        return differing;
    }

    private static <T> List<T> commonestFirst(List<T> values) {
        Map<T, Integer> counts = new LinkedHashMap<>();
        values.forEach(v -> counts.merge(v, 1, Integer::sum));
        return counts.entrySet().stream().sorted(Map.Entry.<T, Integer>comparingByValue().reversed()).map(Map.Entry::getKey).toList();
    }
}
