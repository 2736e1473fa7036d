package org.dwimble.core.place;

import java.util.List;
import java.util.function.Predicate;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.route.Routes;
import org.dwimble.core.told.Told;

/**
 * What a change would do to words a student has learned: those he or she sees now that would stand elsewhere, be reached another
 * way, or be there no more.
 *
 * @param words in the order of the comparison
 */
public record Consequence(List<Comparison.Word> words) {
    private static final int NAMED = 3;
    public static final Consequence NONE = new Consequence(List.of());

    /** @param learned true of the id of a button whose place counts */
    public static Consequence of(Vocabulary before, Routes routes, Vocabulary after, Predicate<String> learned) {
        return new Consequence(Comparison.of(before, routes, after, Routes.of(after)).changes().stream()
            .filter(w -> w.seen() && !w.fate().keeps() && w.fate() != Fate.NEW && learned.test(w.before())).toList());
    }

    public boolean isNone() {
        return words.isEmpty();
    }

    /** One sentence: how many would move, be reached another way, be gone; with some of their names. */
    public Told told() {
        return Told.of("would-move", "moved", count(Fate.MOVED), "movedNames", names(Fate.MOVED), "rerouted", count(Fate.REROUTED), "reroutedNames",
            names(Fate.REROUTED),
            "gone", count(Fate.GONE) + count(Fate.REPLACED), "goneNames", names(Fate.GONE, Fate.REPLACED));
    }

    private int count(Fate fate) {
        return (int) words.stream().filter(w -> w.fate() == fate).count();
    }

    private List<String> names(Fate... fates) {
        return words.stream().filter(w -> List.of(fates).contains(w.fate())).map(Comparison.Word::text).limit(NAMED).toList();
    }
}
