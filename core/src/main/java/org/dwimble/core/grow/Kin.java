package org.dwimble.core.grow;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Names;
import org.dwimble.core.board.Vocabulary;

/** The boards of a vocabulary by the words that stand on them, or that open them. Gathered once, in time in proportion to the buttons. */
public final class Kin {
    private final Vocabulary vocabulary;
    private final Map<String, Set<Board>> byWord = new HashMap<>();

    private final boolean homeToo;

    private Kin(Vocabulary vocabulary, boolean homeToo) {
        this.vocabulary = vocabulary;
        this.homeToo = homeToo;
    }

    public static Kin of(Vocabulary vocabulary) {
        return of(new Kin(vocabulary, false));
    }

    /** Of boards that were kept by themselves, and of which the first is as good as the others. */
    public static Kin ofBundle(Vocabulary bundle) {
        return of(new Kin(bundle, true));
    }

    private static Kin of(Kin kin) {
        Vocabulary vocabulary = kin.vocabulary;
        List<Map.Entry<String, Board>> standing = new ArrayList<>();
        vocabulary.boards().values().forEach(board -> board.buttons().forEach(b -> {
            // What a word opens is nearer to it than a board on which it stands.
            if (b.leads() instanceof Leads.Opens opens && !b.called().isEmpty()) {
                vocabulary.board(opens.board()).filter(kin::holds).ifPresent(opened -> kin.put(b.called(), opened));
            }
            if (isSaid(b) && kin.holds(board)) {
                standing.add(Map.entry(b.spoken(), board));
            }
        }));
        vocabulary.boards().values().stream().filter(kin::holds).forEach(board -> kin.put(board.name(), board));
        standing.forEach(e -> kin.put(e.getKey(), e.getValue()));
        return kin;
    }

    private void put(String word, Board board) {
        byWord.computeIfAbsent(Names.folded(word), w -> new LinkedHashSet<>()).add(board);
    }

    /** Home is among no word's kin, where there is one. */
    private boolean holds(Board board) {
        return homeToo || !board.id().equals(vocabulary.home());
    }

    public Vocabulary vocabulary() {
        return vocabulary;
    }

    /** The boards a word could open: those it opens there, one called like it, then those it stands on. */
    List<Board> boards(Button word) {
        Set<Board> boards = new LinkedHashSet<>(byWord.getOrDefault(Names.folded(word.spoken()), Set.of()));
        boards.addAll(byWord.getOrDefault(Names.folded(word.called()), Set.of()));
        return List.copyOf(boards);
    }

    /** A button by which something is said, that is no way home or back. */
    static boolean isSaid(Button button) {
        return button.isWord() && !button.isWay();
    }

    /** The same word on a board, if it stands there: one that says what it says, else one that is called alike. */
    public static Optional<Button> same(Board board, Button word) {
        return first(board, Button::spoken, word.spoken()).or(() -> first(board, Button::called, word.called()));
    }

    private static Optional<Button> first(Board board, Function<Button, String> of, String word) {
        String folded = Names.folded(word);
        return word.isEmpty() ? Optional.empty() : board.buttons().stream().filter(b -> isSaid(b) && Names.folded(of.apply(b)).equals(folded)).findFirst();
    }
}
