package org.dwimble.server.board;

import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.board.Whole;
import org.dwimble.core.document.BoardDocument;
import org.dwimble.core.document.WholeDocument;
import org.dwimble.core.edit.Deltas;
import org.dwimble.core.grant.Thing;
import org.dwimble.core.reveal.Counts;
import org.dwimble.core.screen.Screen;
import org.dwimble.core.version.Sort;
import org.dwimble.server.database.Session;
import org.dwimble.server.version.AtVersion;
import org.dwimble.server.version.Shelf;
import org.dwimble.server.version.Written;
import org.jspecify.annotations.Nullable;

/** What the room for versions knows of vocabularies: a document a board, and one of the whole. */
final class VocabularyShelf implements Shelf<Vocabulary> {
    @Override
    public Thing thing(long id) {
        return Thing.vocabulary(id);
    }

    @Override
    public Sort<Vocabulary> sort() {
        return Deltas.SORT;
    }

    /** Worked out on all cores. */
    @Override
    public List<Written> written(Vocabulary vocabulary) {
        List<Written> written = new ArrayList<>(List.copyOf(vocabulary.boards().values()).parallelStream().map(VocabularyShelf::written).toList());
        written.add(written(vocabulary.whole()));
        return written;
    }

    static Written written(Whole whole) {
        return Written.of(Written.WHOLE, whole, WholeDocument.write(whole), Set.of());
    }

    private static Written written(Board board) {
        return Written.of(board.id(), board, BoardDocument.write(board), board.media());
    }

    @Override
    public Changes changes(Vocabulary before, Vocabulary after) {
        List<Written> changed = new ArrayList<>();
        if (!after.whole().equals(before.whole())) {
            changed.add(written(after.whole()));
        }
        after.boards().forEach((id, board) -> {
            Board was = before.boards().get(id);
            if (was != board && !board.equals(was)) {
                changed.add(written(board));
            }
        });
        return new Changes(changed, before.boards().keySet().stream().filter(id -> !after.boards().containsKey(id)).toList());
    }

    @Override
    public Object read(String document, byte[] json) {
        return document.equals(Written.WHOLE) ? WholeDocument.read(json) : BoardDocument.read(json);
    }

    @Override
    public Object document(Vocabulary vocabulary, String document) {
        return document.equals(Written.WHOLE) ? vocabulary.whole() : vocabulary.at(document);
    }

    @Override
    public Vocabulary assembled(Map<String, Object> documents) {
        Map<String, Board> boards = new HashMap<>();
        documents.forEach((id, document) -> {
            if (document instanceof Board board) {
                boards.put(id, board);
            }
        });
        return new Vocabulary((Whole) Objects.requireNonNull(documents.get(Written.WHOLE)), boards);
    }

    @Override
    public Counts counted(@Nullable AtVersion<Vocabulary> before, AtVersion<Vocabulary> now) {
        if (before == null) {
            return of(now).counts();
        }
        of(now).after(of(before), now);
        return of(now).counts(Counts.after(of(before).counts(), before.content(), now.content()));
    }

    @Override
    public void shown(Session session, long id, Vocabulary now) throws SQLException {
        session.update("UPDATE vocabulary SET name = ?, home_rows = ?, home_columns = ? WHERE id = ?", now.name(), now.homeBoard().rows(),
            now.homeBoard().columns(), id);
    }

    @Override
    public boolean saysWho() {
        return true;
    }

    @Override
    public int memory() {
        return 4;
    }

    static WorkedOut of(AtVersion<Vocabulary> kept) {
        return kept.workedOut(() -> new WorkedOut(kept.content()));
    }

    /** What is worked out of one version when it is first asked for. */
    static final class WorkedOut {
        private final Vocabulary vocabulary;
        private volatile @Nullable Lines lines;
        private volatile @Nullable Overview overview;
        private volatile @Nullable Counts counts;

        private record Lines(Screen on, Map<String, VocabularyView.BoardLine> byId) {
        }

        private WorkedOut(Vocabulary vocabulary) {
            this.vocabulary = vocabulary;
        }

        Counts counts() {
            Counts known = counts;
            if (known == null) {
                known = Counts.of(vocabulary);
                counts = known;
            }
            return known;
        }

        /** When they are known without counting. */
        Counts counts(Counts known) {
            counts = known;
            return known;
        }

        Overview overview() {
            Overview known = overview;
            if (known == null) {
                known = Overview.of(vocabulary);
                overview = known;
            }
            return known;
        }

        Map<String, VocabularyView.BoardLine> lines(AtVersion<Vocabulary> at, Screen screen) {
            Lines known = lines;
            if (known == null || !known.on.equals(screen)) {
                known = new Lines(screen, VocabularyView.lines(at, overview(), screen));
                lines = known;
            }
            return known.byId;
        }

        /** What was known of the version before, and is the same now or has changed little, is taken over. */
        void after(WorkedOut before, AtVersion<Vocabulary> now) {
            Overview was = before.overview;
            if (was == null) {
                return;
            }
            Overview is = Overview.after(was, vocabulary);
            overview = is;
            Lines told = before.lines;
            if (told != null && is.tellsBoardsAs(was)) {
                lines = new Lines(told.on, VocabularyView.lines(now, is, told.on, told.byId, before.vocabulary));
            }
        }
    }
}
