package org.dwimble.core.edit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Place;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.board.Whole;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Difference;
import org.dwimble.core.version.Needs;
import org.dwimble.core.version.Sort;
import org.jspecify.annotations.Nullable;

/** Working out deltas, and making them anew on another vocabulary. */
public final class Deltas {
    /** Vocabularies, as they are kept in versions. */
    public static final Sort<Vocabulary> SORT = new Sort<>() {
        @Override
        public List<Delta> between(Vocabulary before, Vocabulary after) {
            return Deltas.between(before, after);
        }

        @Override
        public Change made(List<? extends Difference> differences, Vocabulary on, Told told) {
            return Change.of(on, Deltas.made(differences.stream().map(Delta.class::cast).toList(), on), Needs.ofAll(differences), told);
        }
    };

    private Deltas() {
    }

    /**
     * Exactly what differs: of the whole first, then board by board by id, each with its own differences and then those
     * of its buttons in reading order; buttons that went come before those that came. Boards that are the same
     * object are not looked into, so that this takes time in proportion to what changed.
     */
    public static List<Delta> between(Vocabulary before, Vocabulary after) {
        List<Delta> deltas = new ArrayList<>();
        WholeFacet.ALL.forEach(f -> whole(f, before.whole(), after.whole(), deltas));
        Set<String> changed = new TreeSet<>();
        before.boards().forEach((id, board) -> {
            if (board != after.boards().get(id)) {
                changed.add(id);
            }
        });
        after.boards().keySet().stream().filter(id -> !before.boards().containsKey(id)).forEach(changed::add);
        Map<String, String> boardBefore = boardOfButtons(before, changed);
        Map<String, String> boardAfter = boardOfButtons(after, changed);
        for (String id : changed) {
            board(before.boards().get(id), after.boards().get(id), deltas);
        }
        for (String id : changed) {
            went(before.boards().get(id), boardAfter, deltas);
        }
        for (String id : changed) {
            cameOrStayed(before, after.boards().get(id), boardBefore, deltas);
        }
        return List.copyOf(deltas);
    }

    private static Map<String, String> boardOfButtons(Vocabulary vocabulary, Set<String> boards) {
        Map<String, String> boardOf = new HashMap<>();
        for (String id : boards) {
            Board board = vocabulary.boards().get(id);
            if (board != null) {
                board.buttons().forEach(b -> boardOf.put(b.id(), id));
            }
        }
        return boardOf;
    }

    private static <T> void whole(WholeFacet<T> facet, Whole before, Whole after, List<Delta> into) {
        T was = facet.of(before);
        T is = facet.of(after);
        if (!was.equals(is)) {
            into.add(new Delta.WholeAltered<>(facet, was, is));
        }
    }

    private static void board(@Nullable Board before, @Nullable Board after, List<Delta> into) {
        if (before != null && after != null) {
            BoardFacet.ALL.stream().filter(f -> !f.of(before).equals(f.of(after))).forEach(f -> into.add(Delta.BoardAltered.between(before, after, f)));
            if (!before.facts().equals(after.facts()) || !before.extras().equals(after.extras())) {
                into.add(new Delta.BoardCargo(after.id(), before.facts(), before.extras(), after.facts(), after.extras()));
            }
        } else if (after != null) {
            into.add(new Delta.BoardCame(after.withButtons(List.of())));
        } else if (before != null) {
            into.add(new Delta.BoardWent(before.withButtons(List.of())));
        }
    }

    private static void went(@Nullable Board before, Map<String, String> boardAfter, List<Delta> into) {
        if (before != null) {
            before.buttons().stream().filter(b -> !boardAfter.containsKey(b.id())).forEach(b -> into.add(new Delta.ButtonWent(before.id(), b)));
        }
    }

    private static void cameOrStayed(Vocabulary before, @Nullable Board after, Map<String, String> boardBefore, List<Delta> into) {
        if (after == null) {
            return;
        }
        for (Button now : after.buttons()) {
            String from = boardBefore.get(now.id());
            if (from == null) {
                into.add(new Delta.ButtonCame(after.id(), now));
                continue;
            }
            Button was = before.at(from).button(now.id()).orElseThrow();
            if (was == now) {
                continue;
            }
            if (!from.equals(after.id()) || !was.standing().equals(now.standing())) {
                into.add(new Delta.ButtonMoved(now.id(), new Place(from, was.standing()), new Place(after.id(), now.standing())));
            }
            Facet.ALL.stream().filter(f -> !f.same(was, now)).forEach(f -> into.add(Delta.ButtonAltered.between(after.id(), was, now, f)));
        }
    }

    /**
     * Makes deltas on a vocabulary, all together, so that two buttons may change places.
     *
     * @throws Unacceptable if what a delta starts from is not there, or the outcome cannot stand
     */
    public static Vocabulary made(List<Delta> deltas, Vocabulary on) {
        return new Drafts(on).made(deltas);
    }
}
