package org.dwimble.core.grow;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Names;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.route.WayHome;

/**
 * The boards of a vocabulary by the words that stand on them, or that open them. Words that stand on home or on many boards are core words, and belong to no
 * board more than to another. Gathered once, in time in proportion to the buttons.
 */
public final class Kin {
    /** A word that stands on more boards than this is at home on none of them. */
    private static final int MOST_BOARDS = 2;

    private final Vocabulary vocabulary;
    /** By word, then by id: a board takes long to be known by what is on it. */
    private final Map<String, Map<String, Board>> byWord = new HashMap<>();
    private final Map<String, Map<String, Board>> byName = new HashMap<>();
    private final boolean own;
    private final boolean bundle;

    private Kin(Vocabulary vocabulary, boolean own, boolean bundle) {
        this.vocabulary = vocabulary;
        this.own = own;
        this.bundle = bundle;
    }

    /** Of another vocabulary. */
    public static Kin of(Vocabulary vocabulary) {
        return of(new Kin(vocabulary, false, false));
    }

    /** Of the vocabulary itself, where a word grows from wherever it stands. */
    public static Kin ofOwn(Vocabulary vocabulary) {
        return of(new Kin(vocabulary, true, false));
    }

    /** Of boards that were kept by themselves, and of which the first is as good as the others. */
    public static Kin ofBundle(Vocabulary bundle) {
        return of(new Kin(bundle, false, true));
    }

    private static Kin of(Kin kin) {
        Vocabulary vocabulary = kin.vocabulary;
        Map<String, Map<String, Board>> standing = new LinkedHashMap<>();
        vocabulary.boards().values().forEach(board -> board.buttons().forEach(b -> {
            // What a word opens is nearer to it than a board on which it stands.
            if (b.leads() instanceof Leads.Opens opens && !b.called().isEmpty()) {
                vocabulary.board(opens.board()).filter(kin::holds).ifPresent(opened -> put(kin.byName, b.called(), opened));
            }
            if (isSaid(b)) {
                put(standing, b.spoken(), board);
            }
        }));
        vocabulary.boards().values().stream().filter(kin::holds).forEach(board -> put(kin.byName, board.name(), board));
        kin.byName.forEach((word, boards) -> kin.byWord.put(word, new LinkedHashMap<>(boards)));
        standing.forEach((word, boards) -> {
            if (kin.own || kin.bundle || boards.size() <= MOST_BOARDS && boards.values().stream().allMatch(kin::holds)) {
                boards.values().stream().filter(kin::holds).forEach(board -> put(kin.byWord, word, board));
            }
        });
        return kin;
    }

    private static void put(Map<String, Map<String, Board>> boards, String word, Board board) {
        boards.computeIfAbsent(Names.folded(word), w -> new LinkedHashMap<>()).put(board.id(), board);
    }

    /** Home is among no word's kin, where there is one. */
    private boolean holds(Board board) {
        return bundle || !board.id().equals(vocabulary.home());
    }

    public Vocabulary vocabulary() {
        return vocabulary;
    }

    /** The boards a word could open: those it opens there, one called like it, then those it stands on. */
    List<Board> boards(Button word) {
        Map<String, Board> boards = new LinkedHashMap<>(byWord.getOrDefault(Names.folded(word.spoken()), Map.of()));
        boards.putAll(byWord.getOrDefault(Names.folded(word.called()), Map.of()));
        return List.copyOf(boards.values());
    }

    /** Whether a board is opened there by a word, or called like it. */
    boolean isNamed(Button word, Board board) {
        return byName.getOrDefault(Names.folded(word.called()), Map.of()).containsKey(board.id());
    }

    /** A button by which something is said, that is no way home or back. */
    static boolean isSaid(Button button) {
        return button.isWord() && !button.isWay();
    }

    /** True of the boards of the vocabulary itself. */
    public boolean isOwn() {
        return own;
    }

    /**
     * Where a word stands on a board it opens: in the place of the same word, else in the first free cell that is not kept for the ways home and back.
     * Empty if there is none.
     *
     * @param opened with its ways home and back
     */
    public static Optional<Cell> place(Board opened, Button word, WayHome wayHome) {
        List<Cell> keptFree = wayHome.keptFree(opened);
        return same(opened, word).map(Button::cell).or(() -> opened.emptyCells().stream().filter(c -> !keptFree.contains(c)).findFirst());
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
