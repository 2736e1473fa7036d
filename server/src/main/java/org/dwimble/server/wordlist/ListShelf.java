package org.dwimble.server.wordlist;

import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.dwimble.core.grant.Thing;
import org.dwimble.core.reveal.Counts;
import org.dwimble.core.version.Sort;
import org.dwimble.core.wordlist.WordList;
import org.dwimble.core.wordlist.kept.ListDocument;
import org.dwimble.core.wordlist.kept.Lists;
import org.dwimble.server.database.Session;
import org.dwimble.server.version.AtVersion;
import org.dwimble.server.version.Shelf;
import org.dwimble.server.version.Written;
import org.jspecify.annotations.Nullable;

/** What the room for versions knows of word lists: each is one document. */
final class ListShelf implements Shelf<ListDocument.Read> {
    private static final int PICTURES_SHOWN = 6;

    @Override
    public Thing thing(long id) {
        return Thing.list(id);
    }

    @Override
    public Sort<ListDocument.Read> sort() {
        return Lists.SORT;
    }

    @Override
    public List<Written> written(ListDocument.Read list) {
        return List.of(Written.of(Written.WHOLE, list, ListDocument.write(list.list()), list.list().pictures()).withSomeGone());
    }

    @Override
    public Changes changes(ListDocument.Read before, ListDocument.Read after) {
        return new Changes(written(after), List.of());
    }

    @Override
    public Object read(String document, byte[] json) {
        return ListDocument.readAll(json);
    }

    @Override
    public Object document(ListDocument.Read list, String document) {
        return list;
    }

    @Override
    public ListDocument.Read assembled(Map<String, Object> documents) {
        return (ListDocument.Read) Objects.requireNonNull(documents.get(Written.WHOLE));
    }

    @Override
    public @Nullable Counts counted(@Nullable AtVersion<ListDocument.Read> before, AtVersion<ListDocument.Read> now) {
        return null;
    }

    @Override
    public void shown(Session session, long id, ListDocument.Read now) throws SQLException {
        WordList list = now.list();
        session.update("UPDATE word_list SET name = ?, words = ?, support = ?, pictures = ?, shown_as = ? WHERE id = ?", list.name(),
            list.words().size(), list.now(), pictures(list), as(list), id);
    }

    static @Nullable String as(WordList list) {
        return list.showing().as() == null ? null : list.showing().as().name();
    }

    /** The first of its words, as lists show them; no photo of a class. */
    static String pictures(WordList list) {
        return String.join(" ", list.withRows(List.of()).pictures().stream().limit(PICTURES_SHOWN).toList());
    }

    /** One on the shelf is seen by people who do not know the team. */
    @Override
    public boolean saysWho() {
        return false;
    }

    @Override
    public int memory() {
        return 32;
    }
}
