package org.dwimble.server.database.migration;

import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import org.dwimble.core.board.Names;
import org.dwimble.core.document.ToldDocument;
import org.dwimble.core.told.Told;
import org.dwimble.server.database.Session;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * In the first release versions were a tree and undo moved a pointer in it. Here they become one line: where the tree
 * goes on from elsewhere than from the version made last, a version is put in between that goes there. Nothing that was
 * ever kept is lost, and what held before holds after.
 */
@Component
class V4__line_of_versions extends BaseJavaMigration {

    private record Old(int number, @Nullable Integer parent, String madeAt, @Nullable Long account, String summary, @Nullable String name,
        List<Object> counts) {
    }

    private record Change(String document, @Nullable Long before, @Nullable Long after) {
    }

    @Override
    public void migrate(Context context) throws SQLException {
        Session session = Session.upgrading(context.getConnection());
        foldSignIns(session);
        for (long vocabulary : session.list("SELECT id FROM vocabulary ORDER BY id", row -> row.getLong(1))) {
            new OneLine(session, vocabulary).write();
        }
    }

    /** If two people sign in with names that are now one, both still can, each by the name as it was. */
    private static void foldSignIns(Session session) throws SQLException {
        Set<String> taken = new HashSet<>();
        for (Map.Entry<Long, String> account : session.list("SELECT id, sign_in FROM account ORDER BY id",
            row -> Map.entry(row.getLong(1), row.getString(2)))) {
            String folded = Names.folded(account.getValue());
            session.update("UPDATE account SET sign_in_folded = ? WHERE id = ?", taken.add(folded) ? folded : folded + " " + account.getKey(),
                account.getKey());
        }
    }

    /** The versions of one vocabulary being put in line. */
    private static final class OneLine {
        private final Session session;
        private final long vocabulary;
        private final Map<Integer, Old> old = new TreeMap<>();
        private final Map<Integer, List<Change>> changes = new HashMap<>();
        private final Map<Integer, Integer> numbers = new HashMap<>();
        private int last;

        OneLine(Session session, long vocabulary) throws SQLException {
            this.session = session;
            this.vocabulary = vocabulary;
            session.list(
                "SELECT number, parent, made_at, account_id, summary, name, words, shown, boards, buttons FROM version WHERE vocabulary_id = ? ORDER BY number",
                row -> old.put(row.getInt("number"),
                    new Old(row.getInt("number"), Session.integer(row, "parent"), row.getString("made_at"), Session.number(row, "account_id"),
                        row.getString("summary"), row.getString("name"),
                        List.of(row.getInt("words"), row.getInt("shown"), row.getInt("boards"), row.getInt("buttons")))),
                vocabulary);
            session.list("SELECT version, document, before, after FROM version_change WHERE vocabulary_id = ? ORDER BY version, document",
                row -> changes.computeIfAbsent(row.getInt("version"), v -> new ArrayList<>())
                    .add(new Change(row.getString("document"), Session.number(row, "before"), Session.number(row, "after"))),
                vocabulary);
        }

        void write() throws SQLException {
            int head = session.first("SELECT head FROM vocabulary WHERE id = ?", row -> row.getInt(1), vocabulary).orElseThrow();
            int at = 0;
            for (Old version : old.values()) {
                if (version.parent != null && version.parent != at) {
                    go(at, version.parent, version.madeAt, version.account);
                }
                insert(version.madeAt, version.account, FirstSummaries.read(version.summary), version.name, version.counts,
                    changes.getOrDefault(version.number, List.of()));
                numbers.put(version.number, last);
                at = version.number;
            }
            if (at != head) {
                // Who undid was not kept.
                go(at, head, version(at).madeAt, null);
            }
            session.update("UPDATE vocabulary SET head = ? WHERE id = ?", last, vocabulary);
        }

        private Old version(int number) {
            return Objects.requireNonNull(old.get(number));
        }

        /** From what one version held to what another did, as a version of its own. */
        private void go(int from, int to, String madeAt, @Nullable Long account) throws SQLException {
            boolean oneBack = Integer.valueOf(to).equals(version(from).parent);
            Told told = oneBack ? Told.of("took-back", "what", FirstSummaries.read(version(from).summary))
                : Told.of("went-back", "version", Objects.requireNonNull(numbers.get(to)));
            insert(madeAt, account, told, null, version(to).counts, between(from, to));
        }

        private List<Change> between(int from, int to) {
            Map<String, Long> then = contentOf(from);
            Map<String, Long> now = contentOf(to);
            Set<String> documents = new HashSet<>(then.keySet());
            documents.addAll(now.keySet());
            return documents.stream().sorted().filter(d -> !Objects.equals(then.get(d), now.get(d))).map(d -> new Change(d, then.get(d), now.get(d))).toList();
        }

        /** What a version changed on its way from the first, as far as anything ever changed. */
        private Map<String, Long> contentOf(int version) {
            List<Integer> way = new ArrayList<>();
            for (Integer at = version; at != null; at = version(at).parent) {
                way.add(0, at);
            }
            Map<String, Long> content = new HashMap<>();
            changes.values().forEach(all -> all.forEach(c -> content.putIfAbsent(c.document, first(c.document))));
            for (int at : way) {
                changes.getOrDefault(at, List.of()).forEach(c -> content.put(c.document, c.after));
            }
            content.values().removeIf(Objects::isNull);
            return content;
        }

        /** The revision a document had in the first version: what the first change of it found. */
        private @Nullable Long first(String document) {
            return changes.entrySet().stream().sorted(Map.Entry.comparingByKey()).flatMap(e -> e.getValue().stream())
                .filter(c -> c.document.equals(document)).findFirst().map(Change::before).orElse(null);
        }

        private void insert(String madeAt, @Nullable Long account, Told told, @Nullable String name, List<Object> counts,
            List<Change> made) throws SQLException {
            int number = ++last;
            session.update(
                "INSERT INTO line (vocabulary_id, number, made_at, account_id, told, name, act, words, shown, boards, buttons) VALUES (?, ?, ?, ?, ?,"
                    + " ?, 'CHANGE', ?, ?, ?, ?)",
                vocabulary, number, madeAt, account, ToldDocument.write(told), name, counts.get(0), counts.get(1), counts.get(2), counts.get(3));
            session.batch("INSERT INTO line_change (vocabulary_id, version, document, before, after) VALUES (?, ?, ?, ?, ?)",
                made.stream().map(c -> new Object[] {vocabulary, number, c.document, c.before, c.after}).toList());
        }
    }
}
