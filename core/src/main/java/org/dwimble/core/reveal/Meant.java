package org.dwimble.core.reveal;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Names;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * Which buttons are meant to be shown, held or put into a step together: of the boards named, those that fit everything
 * else that is said; or with {@code allBut}, the others of these boards. The ways back and home are never meant.
 *
 * @param board     null for all boards
 * @param andOpened with all the boards it opens, and those they open; home is not among them
 * @param buttons   ids; null for all, empty for none
 * @param kind      null for all
 * @param words     labels or what is said, whatever their capitals; null for all, empty for none
 */
public record Meant(@Nullable String board, boolean andOpened, @Nullable List<String> buttons, @Nullable Kind kind, @Nullable List<String> words,
    boolean allBut) {
    public static final int MOST_WORDS = 5_000;
    public static final Meant EVERYTHING = new Meant(null, false, null, null, null, false);

    public Meant {
        buttons = buttons == null ? null : List.copyOf(buttons);
        words = words == null ? null : words.stream().map(Text::tidy).filter(w -> !w.isEmpty()).toList();
        if (words != null && words.size() > MOST_WORDS) {
            throw new Unacceptable("too-many-words", "most", MOST_WORDS, "has", words.size());
        }
    }

    public static Meant of(List<String> buttons) {
        return new Meant(null, false, buttons, null, null, false);
    }

    public static Meant called(List<String> words) {
        return new Meant(null, false, null, null, words, false);
    }

    /** Everything on a board. @param andOpened with all it opens */
    public static Meant onBoard(String board, boolean andOpened) {
        return new Meant(board, andOpened, null, null, null, false);
    }

    /** The boards named, and the buttons meant on each; boards without any are left out. */
    public List<On> in(Vocabulary vocabulary) {
        Set<String> ids = buttons == null ? Set.of() : new HashSet<>(buttons);
        Set<String> called = words == null ? Set.of() : words.stream().map(Names::folded).collect(Collectors.toSet());
        List<On> all = new ArrayList<>();
        for (Board on : boards(vocabulary)) {
            List<Button> meant = on.buttons().stream().filter(b -> !b.isWay() && fits(b, ids, called) != allBut).toList();
            if (!meant.isEmpty()) {
                all.add(new On(on, meant));
            }
        }
        return all;
    }

    /** Some buttons of a board. */
    public record On(Board board, List<Button> buttons) {
    }

    private boolean fits(Button button, Set<String> ids, Set<String> called) {
        return (buttons == null || ids.contains(button.id())) && (kind == null || button.kind() == kind)
            && (words == null || called.contains(Names.folded(button.label())) || called.contains(Names.folded(button.spoken())));
    }

    private List<Board> boards(Vocabulary vocabulary) {
        if (board == null) {
            return List.copyOf(vocabulary.boards().values());
        }
        Board first = vocabulary.board(board).orElseThrow(() -> new Unacceptable("board-gone"));
        if (!andOpened) {
            return List.of(first);
        }
        Set<Board> found = new LinkedHashSet<>(List.of(first));
        Deque<Board> queue = new ArrayDeque<>(found);
        while (!queue.isEmpty()) {
            queue.remove().buttons().stream().flatMap(b -> b.leads() instanceof Leads.Opens o && !o.board().equals(vocabulary.home())
                ? vocabulary.board(o.board()).stream() : Stream.empty()).filter(found::add).forEach(queue::add);
        }
        return List.copyOf(found);
    }

    /** The words typed that no button of these boards shows or says. */
    public List<String> notThere(Vocabulary vocabulary) {
        if (words == null) {
            return List.of();
        }
        Set<String> there = new HashSet<>();
        boards(vocabulary).forEach(b -> b.buttons().forEach(w -> {
            there.add(Names.folded(w.label()));
            there.add(Names.folded(w.spoken()));
        }));
        return words.stream().filter(w -> !there.contains(Names.folded(w))).toList();
    }
}
