package org.dwimble.core.wordlist;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.dwimble.core.board.Names;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;

/**
 * A class as a table that is typed or pasted from a spreadsheet: a student a line, the name first, then what is printed instead, parted by
 * tabs, or by semicolons or commas if there are no tabs. A first line that names words of the list, and no student, says which each column
 * stands for; without one the columns stand for the first words. An empty cell leaves the word as it is.
 */
public final class ClassTable {
    public static final int MOST_ROWS = 60;
    /** Cells that differ, of all rows together: each is a word of its own. */
    public static final int MOST_CELLS = 3_000;

    /** A row as typed. @param instead by the id of the word it stands for */
    public record Typed(String name, Map<String, String> instead) {
    }

    private ClassTable() {
    }

    /**
     * @param students names of those who are known, with or without capitals: a line that begins with one is that student's
     * @throws Unacceptable if a row has no name, there are too many rows or cells, or a row has more cells than there are words
     */
    public static List<Typed> read(String table, WordList list, Collection<String> students) {
        List<String[]> lines = table.lines().filter(l -> !l.isBlank()).map(ClassTable::cells).toList();
        if (lines.isEmpty()) {
            return List.of();
        }
        Map<String, String> byText = new LinkedHashMap<>();
        list.words().forEach(w -> byText.putIfAbsent(Names.folded(w.text()), w.id()));
        String[] first = lines.get(0);
        boolean known = list.row(first[0]).isPresent() || students.stream().anyMatch(s -> Names.folded(s).equals(Names.folded(first[0])));
        boolean header = !known && first.length > 1 && Stream.of(first).skip(1).allMatch(c -> byText.containsKey(Names.folded(c)));
        List<String> columns = header ? Stream.of(first).skip(1).map(c -> byText.get(Names.folded(c))).toList()
            : list.words().stream().map(ListedWord::id).toList();
        List<Typed> rows = new ArrayList<>();
        for (String[] line : lines.subList(header ? 1 : 0, lines.size())) {
            rows.add(row(line, columns, rows.size() + 1));
        }
        if (rows.size() > MOST_ROWS) {
            throw new Unacceptable("class-too-large", "most", MOST_ROWS, "has", rows.size());
        }
        Unacceptable.ifMore("class-cells", rows.stream().mapToInt(r -> r.instead().size()).sum(), MOST_CELLS);
        return rows;
    }

    private static Typed row(String[] line, List<String> columns, int number) {
        String name = line[0];
        if (name.isEmpty()) {
            throw new Unacceptable("class-row-nameless", "row", number);
        }
        if (line.length - 1 > columns.size()) {
            throw new Unacceptable("class-row-long", "name", name, "has", line.length - 1, "most", columns.size());
        }
        Map<String, String> instead = new LinkedHashMap<>();
        for (int i = 1; i < line.length; i++) {
            if (!line[i].isEmpty()) {
                instead.put(columns.get(i - 1), line[i]);
            }
        }
        return new Typed(name, instead);
    }

    private static String[] cells(String line) {
        String[] cells = line.split(line.contains("\t") ? "\t" : line.contains(";") ? ";" : ",", -1);
        int last = cells.length;
        while (last > 1 && cells[last - 1].isBlank()) {
            last--;
        }
        return Stream.of(cells).limit(last).map(Text::tidy).toArray(String[]::new);
    }

    /** As it can be read again: a first line with the words that differ for anybody, then a line a student, parted by tabs. */
    public static String write(WordList list) {
        List<ListedWord> columns = list.words().stream().filter(w -> list.rows().stream().anyMatch(r -> r.instead().containsKey(w.id()))).toList();
        if (list.rows().isEmpty()) {
            return "";
        }
        String head = columns.isEmpty() ? "" : "name\t" + columns.stream().map(ListedWord::text).collect(Collectors.joining("\t")) + "\n";
        return head + list.rows().stream().map(r -> r.name() + columns.stream().map(c -> "\t" + (r.instead().containsKey(c.id())
            ? r.instead().get(c.id()).text() : "")).collect(Collectors.joining())).collect(Collectors.joining("\n"));
    }
}
