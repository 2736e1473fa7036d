package org.dwimble.core.edit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Face;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.board.Whole;
import org.dwimble.core.told.Unacceptable;

/**
 * A vocabulary while deltas are made on it: its boards are held to the rules of a board only at the end. Whatever goes
 * goes first, whatever comes comes last, so that the order of the deltas does not matter.
 */
final class Drafts {
    private static final class Draft {
        private Board board;
        private final Map<String, Button> buttons = new LinkedHashMap<>();
        private boolean gone;

        Draft(Board board) {
            this.board = board.withButtons(List.of());
            board.buttons().forEach(b -> buttons.put(b.id(), b));
        }
    }

    private final Vocabulary on;
    private final Map<String, Draft> drafts = new LinkedHashMap<>();
    private final Map<String, Button> inHand = new HashMap<>();
    private final Map<String, String> movedTo = new HashMap<>();
    private Whole whole;

    Drafts(Vocabulary on) {
        this.on = on;
        this.whole = on.whole();
    }

    Vocabulary made(List<Delta> deltas) {
        each(deltas, Delta.WholeAltered.class, this::whole);
        each(deltas, Delta.BoardCame.class, this::came);
        each(deltas, Delta.ButtonWent.class, went -> take(went.board(), went.button().id()));
        each(deltas, Delta.ButtonMoved.class, moved -> inHand.put(moved.button(), take(moved.from().board(), moved.button())));
        each(deltas, Delta.BoardAltered.class, this::altered);
        each(deltas, Delta.BoardCargo.class, d -> board(d.board(), b -> b.facts().equals(d.factsBefore()) && b.extras().equals(d.extrasBefore()),
            b -> b.withFacts(d.factsAfter()).withExtras(d.extrasAfter())));
        each(deltas, Delta.ButtonCame.class, came -> put(came.board(), came.button()));
        each(deltas, Delta.ButtonMoved.class, moved -> {
            put(moved.to().board(), Objects.requireNonNull(inHand.get(moved.button())).withStanding(moved.to().standing()));
            movedTo.put(moved.button(), moved.to().board());
        });
        alter(deltas);
        each(deltas, Delta.BoardWent.class, this::went);
        return done();
    }

    private static <D extends Delta> void each(List<Delta> deltas, Class<D> sort, Consumer<D> make) {
        deltas.stream().filter(sort::isInstance).map(sort::cast).forEach(make);
    }

    private <T> void whole(Delta.WholeAltered<T> altered) {
        expect(altered.facet().of(whole).equals(altered.before()));
        whole = altered.facet().with(whole, altered.after());
    }

    private void came(Delta.BoardCame came) {
        if (on.boards().containsKey(came.bare().id()) || drafts.containsKey(came.bare().id())) {
            throw new Unacceptable("board-there-already");
        }
        drafts.put(came.bare().id(), new Draft(came.bare()));
    }

    private void went(Delta.BoardWent went) {
        Draft draft = draft(went.bare().id());
        expect(draft.buttons.isEmpty());
        draft.gone = true;
    }

    private <T> void altered(Delta.BoardAltered<T> altered) {
        board(altered.board(), b -> altered.facet().of(b).equals(altered.before()), b -> altered.facet().with(b, altered.after()));
    }

    private void board(String id, Predicate<Board> expected, UnaryOperator<Board> changed) {
        Draft draft = draft(id);
        expect(expected.test(draft.board));
        draft.board = changed.apply(draft.board);
    }

    private Button take(String board, String button) {
        Button taken = draft(board).buttons.remove(button);
        if (taken == null) {
            throw new Unacceptable("button-gone", "board", draft(board).board.name());
        }
        return taken;
    }

    private void put(String board, Button button) {
        expect(draft(board).buttons.put(button.id(), button) == null);
    }

    /** All facets of a button at once, as its label and its picture depend on each other. */
    private void alter(List<Delta> deltas) {
        Map<String, List<Delta.ButtonAltered<?>>> byButton = new LinkedHashMap<>();
        each(deltas, Delta.ButtonAltered.class, d -> byButton.computeIfAbsent(d.button(), b -> new ArrayList<>()).add(d));
        byButton.forEach((id, altered) -> {
            Map<String, Button> buttons = draft(boardOf(id, altered.get(0).board())).buttons;
            Button was = buttons.get(id);
            if (was == null) {
                throw new Unacceptable("button-gone", "board", draft(altered.get(0).board()).board.name());
            }
            altered.forEach(a -> expect(Objects.equals(a.facet().of(was), a.before())));
            Button now = was.withFace(face(was.face(), altered));
            for (Delta.ButtonAltered<?> a : altered) {
                now = with(now, a);
            }
            buttons.put(id, now);
        });
    }

    /** Where the button is by now: somebody may have moved it to another board. */
    private String boardOf(String button, String board) {
        String moved = movedTo.get(button);
        if (moved != null || on.board(board).filter(b -> b.button(button).isPresent()).isPresent()) {
            return moved == null ? board : moved;
        }
        return on.boardOf(button).map(Board::id).orElse(board);
    }

    private static Face face(Face was, List<Delta.ButtonAltered<?>> altered) {
        return new Face(after(altered, Facet.LABEL, was.label()), after(altered, Facet.PICTURE, was.layers()), was.kind());
    }

    @SuppressWarnings("unchecked")
    private static <T> T after(List<Delta.ButtonAltered<?>> altered, Facet<T> facet, T otherwise) {
        return altered.stream().filter(a -> a.facet() == facet).findFirst().map(a -> (T) a.after()).orElse(otherwise);
    }

    private static <T> Button with(Button button, Delta.ButtonAltered<T> altered) {
        return altered.facet().with(button, altered.after());
    }

    private Draft draft(String board) {
        Draft draft = drafts.get(board);
        if (draft == null) {
            draft = new Draft(on.board(board).orElseThrow(() -> new Unacceptable("board-gone")));
            drafts.put(board, draft);
        }
        return draft;
    }

    private static void expect(boolean asBefore) {
        if (!asBefore) {
            throw new Unacceptable("changed-meanwhile");
        }
    }

    private Vocabulary done() {
        Map<String, Board> boards = new HashMap<>(on.boards());
        drafts.forEach((id, draft) -> {
            if (draft.gone) {
                boards.remove(id);
            } else {
                boards.put(id, draft.board.withButtons(draft.buttons.values()));
            }
        });
        return new Vocabulary(whole, boards);
    }
}
