package org.dwimble.core.wordlist.kept;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.dwimble.core.told.Told;
import org.dwimble.core.version.Difference;
import org.dwimble.core.version.Made;
import org.dwimble.core.version.Needs;
import org.dwimble.core.version.Piece;
import org.dwimble.core.version.Pieces;
import org.dwimble.core.version.Sort;
import org.dwimble.core.version.Touched;
import org.dwimble.core.version.Wish;
import org.dwimble.core.wordlist.ListEdit;
import org.jspecify.annotations.Nullable;

/** Word lists as they are kept in versions: what two differ in are the pieces of their documents. */
public final class Lists implements Sort<ListDocument.Read> {
    public static final Sort<ListDocument.Read> SORT = new Lists();

    private record Change(ListDocument.Read before, ListDocument.Read after, List<? extends Difference> deltas, Told told)
        implements Made<ListDocument.Read> {
        @Override
        public Needs needs() {
            return Needs.ofAll(deltas);
        }
    }

    private Lists() {
    }

    /** The id of the word two people met on; empty if it is about the list as a whole. */
    public static Optional<String> word(@Nullable Touched met) {
        return met instanceof Piece.At at && at.path().size() > 1 && at.path().get(0).equals(ListDocument.WORDS) ? Optional.of(at.path().get(1))
            : Optional.empty();
    }

    public static Wish<ListDocument.Read> wish(ListEdit edit) {
        return (now, ids) -> {
            ListDocument.Read after = ListDocument.of(ListDocument.json(edit.on(now.list())));
            return new Change(now, after, SORT.between(now, after), edit.told(now.list()));
        };
    }

    @Override
    public List<? extends Difference> between(ListDocument.Read before, ListDocument.Read after) {
        return Pieces.between(ListDocument.json(before.list()), ListDocument.json(after.list()));
    }

    @Override
    public Made<ListDocument.Read> made(List<? extends Difference> differences, ListDocument.Read on, Told told) {
        ListDocument.Read after = ListDocument.together(Pieces.made(differences, ListDocument.json(on.list())), on);
        return new Change(on, after, between(on, after), told);
    }

    @Override
    public List<? extends Difference> left(List<? extends Difference> mine, List<? extends Difference> since) {
        return Pieces.left(mine, since);
    }

    /** What differed is made, not the edit done anew: that may hold a whole word of which one part was changed. */
    @Override
    public Made<ListDocument.Read> onTop(Wish<ListDocument.Read> wish, Made<ListDocument.Read> asSeen, List<? extends Difference> left,
        ListDocument.Read now, Supplier<String> ids) {
        return made(left, now, asSeen.told());
    }
}
