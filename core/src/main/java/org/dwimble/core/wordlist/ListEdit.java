package org.dwimble.core.wordlist;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.Iterator;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.IntStream;
import org.dwimble.core.sheet.PageSetup;
import org.dwimble.core.showing.Showing;
import org.dwimble.core.support.OwnGrid;
import org.dwimble.core.support.Support;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/** Something somebody does to a list, as data: what it makes of a list, and how it is told. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
    @JsonSubTypes.Type(value = ListEdit.ChangeWord.class, name = "change-word"),
    @JsonSubTypes.Type(value = ListEdit.MoveWords.class, name = "move-words"),
    @JsonSubTypes.Type(value = ListEdit.Arrange.class, name = "arrange"),
    @JsonSubTypes.Type(value = ListEdit.TakeOut.class, name = "take-out"),
    @JsonSubTypes.Type(value = ListEdit.NameList.class, name = "name"),
    @JsonSubTypes.Type(value = ListEdit.SetUp.class, name = "set-up"),
    @JsonSubTypes.Type(value = ListEdit.OnPage.class, name = "page"),
    @JsonSubTypes.Type(value = ListEdit.Show.class, name = "show"),
    @JsonSubTypes.Type(value = ListEdit.PhotoOf.class, name = "photo-of")
})
public sealed interface ListEdit {
    /** @throws Unacceptable if it cannot be done with this list */
    WordList on(WordList list);

    Told told(WordList before);

    /** Words put in, at the end or before another. @param before the id of that; null for the end */
    record AddWords(List<ListedWord> words, @Nullable String before) implements ListEdit {
        @Override
        public WordList on(WordList list) {
            List<ListedWord> all = new ArrayList<>(list.words());
            int at = before == null ? all.size() : all.indexOf(there(list, before));
            all.addAll(at, words);
            return list.withWords(all);
        }

        @Override
        public Told told(WordList list) {
            return Told.of("list-added", "words", words.stream().limit(MOST_TOLD).map(ListEdit::named).toList(), "more", Math.max(0, words.size() - MOST_TOLD));
        }
    }

    /** One word as it is to be; which one it is says its id. */
    record ChangeWord(ListedWord word) implements ListEdit {
        public ChangeWord {
            Unacceptable.ifMissing(word);
        }

        @Override
        public WordList on(WordList list) {
            there(list, word.id());
            return list.withWords(list.words().stream().map(w -> w.id().equals(word.id()) ? word : w).toList());
        }

        @Override
        public Told told(WordList list) {
            ListedWord was = there(list, word.id());
            if (!was.text().equals(word.text())) {
                return Told.of("list-called", "word", named(was), "now", named(word));
            }
            return Told.of(was.pictures().equals(word.pictures()) ? "list-changed" : "list-pictured", "word", named(word));
        }
    }

    /** Words moved, in the order they have, before another or to the end. @param before its id; null for the end */
    record MoveWords(List<String> ids, @Nullable String before) implements ListEdit {
        public MoveWords {
            Unacceptable.ifMissing(ids);
        }

        @Override
        public WordList on(WordList list) {
            Set<String> moved = new HashSet<>(ids);
            ids.forEach(id -> there(list, id));
            List<ListedWord> rest = new ArrayList<>(list.words().stream().filter(w -> !moved.contains(w.id())).toList());
            List<ListedWord> moving = list.words().stream().filter(w -> moved.contains(w.id())).toList();
            if (before != null && moved.contains(before)) {
                return list;
            }
            rest.addAll(before == null ? rest.size() : rest.indexOf(there(list, before)), moving);
            return list.withWords(rest);
        }

        @Override
        public Told told(WordList list) {
            return Told.of("list-moved", "words", names(list, ids), "more", Math.max(0, ids.size() - MOST_TOLD));
        }
    }

    /**
     * A word of a grid of one's own put into another cell; what stands there comes into its cell, and nothing else moves.
     *
     * @param from cell of the first sheet, counted from 0 row by row
     * @param to   as well; an empty one is filled then, and the other is left empty
     */
    record Arrange(int from, int to) implements ListEdit {
        @Override
        public WordList on(WordList list) {
            if (!(list.support() instanceof OwnGrid grid)) {
                throw new Unacceptable("arrange-grid");
            }
            int cells = grid.rows() * grid.columns();
            List<ListedWord> printed = list.words().stream().filter(w -> w.times() > 0).toList();
            if (printed.size() > cells - grid.empty().size() || printed.stream().anyMatch(w -> w.times() > 1)) {
                throw new Unacceptable("arrange-once");
            }
            TreeMap<Integer, ListedWord> at = new TreeMap<>();
            Iterator<ListedWord> next = printed.iterator();
            for (int cell = 0; cell < cells && next.hasNext(); cell++) {
                if (!grid.empty().contains(cell)) {
                    at.put(cell, next.next());
                }
            }
            ListedWord moved = at.remove(from);
            if (moved == null || to < 0 || to >= cells || to == from) {
                throw new Unacceptable("arrange-nothing");
            }
            ListedWord there = at.put(to, moved);
            if (there != null) {
                at.put(from, there);
            }
            int last = at.lastKey();
            List<Integer> empty = IntStream.range(0, cells).filter(cell -> !at.containsKey(cell) && (cell < last || grid.empty().contains(cell)))
                .boxed().toList();
            List<ListedWord> words = new ArrayList<>(at.values());
            list.words().stream().filter(w -> w.times() == 0).forEach(words::add);
            return list.withWords(words).withSupport(new OwnGrid(grid.rows(), grid.columns(), empty, grid.gap(), grid.title(), grid.byKind()));
        }

        @Override
        public Told told(WordList list) {
            return Told.of("list-arranged");
        }
    }

    record TakeOut(List<String> ids) implements ListEdit {
        public TakeOut {
            Unacceptable.ifMissing(ids);
        }

        @Override
        public WordList on(WordList list) {
            ids.forEach(id -> there(list, id));
            return list.withWords(list.words().stream().filter(w -> !ids.contains(w.id())).toList());
        }

        @Override
        public Told told(WordList list) {
            return Told.of("list-took-out", "words", names(list, ids), "more", Math.max(0, ids.size() - MOST_TOLD));
        }
    }

    record NameList(String name) implements ListEdit {
        @Override
        public WordList on(WordList list) {
            return list.withName(name);
        }

        @Override
        public Told told(WordList list) {
            return Told.of("list-renamed", "name", Text.tidy(name));
        }
    }

    /** Set to a support, set up so. */
    record SetUp(Support support) implements ListEdit {
        public SetUp {
            Unacceptable.ifMissing(support);
        }

        @Override
        public WordList on(WordList list) {
            return list.withSupport(support);
        }

        @Override
        public Told told(WordList list) {
            return Told.of("list-set-up", "support", support.named());
        }
    }

    /** How it is shown on a screen, and whether it stands on the student's row. */
    record Show(Showing showing) implements ListEdit {
        public Show {
            Unacceptable.ifMissing(showing);
        }

        @Override
        public WordList on(WordList list) {
            return list.withShowing(showing);
        }

        @Override
        public Told told(WordList list) {
            return showing.as() == list.showing().as() ? Told.of("list-shows") : Told.of("list-shows-as", "as", String.valueOf(showing.as()));
        }
    }

    record OnPage(PageSetup page) implements ListEdit {
        public OnPage {
            Unacceptable.ifMissing(page);
        }

        @Override
        public WordList on(WordList list) {
            return list.withPage(page);
        }

        @Override
        public Told told(WordList list) {
            return Told.of("list-page");
        }
    }

    /** The students of a class it is printed for. Who was among them keeps the photo. */
    record ForClass(List<ClassRow> rows) implements ListEdit {
        @Override
        public WordList on(WordList list) {
            return list.withRows(rows.stream().map(r -> list.row(r.name()).map(r::after).orElse(r)).toList());
        }

        @Override
        public Told told(WordList list) {
            return Told.of("list-class", "count", rows.size());
        }
    }

    /** The photo beside a student's name on the sheets of the class. @param photo null for none */
    record PhotoOf(String name, @Nullable String photo) implements ListEdit {
        public PhotoOf {
            Unacceptable.ifMissing(name);
        }

        @Override
        public WordList on(WordList list) {
            ClassRow row = list.row(name).orElseThrow(() -> new Unacceptable("class-row-gone", "name", name));
            return list.withRows(list.rows().stream().map(r -> r.equals(row) ? r.withPhoto(photo) : r).toList());
        }

        @Override
        public Told told(WordList list) {
            return Told.of(photo == null ? "list-photo-off" : "list-photo", "name", name);
        }
    }

    /** The second language, with the words known in it. @param words as they are then; only what they are in it is taken */
    record InSecond(@Nullable Second second, List<ListedWord> words) implements ListEdit {
        @Override
        public WordList on(WordList list) {
            return list.withSecond(second).withWords(list.words().stream().map(w -> words.stream().filter(o -> o.id().equals(w.id())).findFirst()
                .map(o -> w.withSecond(o.second())).orElse(w)).toList());
        }

        @Override
        public Told told(WordList list) {
            return second == null ? Told.of("list-one-language") : Told.of("list-second", "language", Told.of("language-name", "tag", second.language()));
        }
    }

    /** As it was, or as another has it. @param told what came of it */
    record As(WordList list, Told told) implements ListEdit {
        @Override
        public WordList on(WordList now) {
            return list;
        }

        @Override
        public Told told(WordList now) {
            return told;
        }
    }

    int MOST_TOLD = 4;

    private static ListedWord there(WordList list, String id) {
        return list.word(id).orElseThrow(() -> new Unacceptable("list-word-gone"));
    }

    private static List<String> names(WordList list, List<String> ids) {
        return ids.stream().limit(MOST_TOLD).flatMap(id -> list.word(id).stream()).map(ListEdit::named).toList();
    }

    private static String named(ListedWord word) {
        return word.text().isEmpty() ? "a picture" : Text.cut(word.text(), 40);
    }
}
