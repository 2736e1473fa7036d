package org.dwimble.core.series;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Names;
import org.dwimble.core.picture.OwnPicture;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.wordline.WordLine;
import org.jspecify.annotations.Nullable;

/**
 * First boards for several, as a table that is typed or pasted from a spreadsheet: a line a board, first the student, then what he or she likes.
 * The columns are parted by tabs; without tabs, what stands before the first colon, semicolon or comma is the student. Likes that begin with a
 * name and a colon call their board so: {@code Wren, snack: crisps, juice}.
 */
public final class FirstTable {
    public static final int MOST_LINES = 60;
    private static final Set<String> HEADS = Set.of("student", "students", "name", "child", "pupil");

    /** Somebody who can be meant. */
    public record Known(String id, String name) {
    }

    /**
     * A line as read.
     *
     * @param said    who stands in it
     * @param student whom that is; null if nobody known, or more than one, is called so
     * @param several true if more than one is
     * @param board   what its board is called; null if it does not say
     * @param words   none if the line has none
     * @param files   of each word the file that is called like it; null for none
     */
    public record Line(String said, @Nullable String student, boolean several, @Nullable String board, List<WordLine.Entry> words,
        List<@Nullable Integer> files) {
    }

    /**
     * @param photos  of each student the file that is called like him or her
     * @param nobodys files that are called like nothing here
     * @param twice   files that are called like one before them
     */
    public record Reading(List<Line> lines, Map<String, Integer> photos, List<Integer> nobodys, List<Integer> twice) {
    }

    private FirstTable() {
    }

    /**
     * @param meant whom somebody has said is meant, by who stands in a line
     * @param only  the one student all lines are for, whose name may be left out; null for several
     * @param files names of photos that came with it
     * @throws Unacceptable if there are more lines than {@value #MOST_LINES}
     */
    public static Reading read(String table, List<Known> known, Map<String, String> meant, @Nullable Known only, List<String> files) {
        List<String> lines = table.lines().filter(l -> !l.isBlank()).toList();
        List<Line> read = new ArrayList<>();
        Map<String, Integer> byName = new LinkedHashMap<>();
        List<Integer> twice = new ArrayList<>();
        for (int i = 0; i < files.size(); i++) {
            if (byName.putIfAbsent(Names.folded(OwnPicture.wordOf(files.get(i))), i) != null) {
                twice.add(i);
            }
        }
        Set<Integer> used = new HashSet<>();
        for (int i = 0; i < lines.size(); i++) {
            Line line = only == null ? line(lines.get(i), known, meant, byName) : likes(only.name, only.id, false, without(lines.get(i), only.name), byName);
            if (i > 0 || line.student != null || !HEADS.contains(Names.folded(line.said))) {
                read.add(line);
                line.files.stream().filter(Objects::nonNull).forEach(used::add);
            }
        }
        if (read.size() > MOST_LINES) {
            throw new Unacceptable("first-table-long", "most", MOST_LINES, "has", read.size());
        }
        Map<String, Integer> photos = new HashMap<>();
        known.stream().filter(k -> read.stream().anyMatch(l -> k.id.equals(l.student))).forEach(k -> {
            Integer photo = byName.get(Names.folded(k.name));
            if (photo != null) {
                photos.put(k.id, photo);
                used.add(photo);
            }
        });
        List<Integer> nobodys = byName.values().stream().filter(i -> !used.contains(i)).toList();
        return new Reading(List.copyOf(read), photos, nobodys, twice);
    }

    private static Line line(String line, List<Known> known, Map<String, String> meant, Map<String, Integer> files) {
        int at = line.indexOf('\t');
        String parting = at >= 0 ? "\t" : "[:;,]";
        String[] parts = line.split(parting, 2);
        String said = bare(parts[0]);
        String as = meant.get(said);
        List<Known> called = known.stream().filter(k -> as == null ? Names.folded(k.name).equals(Names.folded(said)) : k.id.equals(as)).toList();
        return likes(said, called.size() == 1 ? called.get(0).id : null, called.size() > 1, parts.length > 1 ? parts[1] : "", files);
    }

    /** Without the name of the student all lines are for, if a line begins with it. */
    private static String without(String line, String name) {
        String[] parts = line.split("[\t:;,]", 2);
        return parts.length > 1 && Names.folded(bare(parts[0])).equals(Names.folded(name)) ? parts[1] : line;
    }

    private static Line likes(String said, @Nullable String student, boolean several, String likes, Map<String, Integer> files) {
        String bare = Arrays.stream(likes.split("\t")).map(FirstTable::bare).filter(c -> !c.isEmpty()).collect(Collectors.joining(", "));
        String[] named = bare.split(":", 2);
        boolean has = named.length > 1 && !named[0].contains(",") && !named[0].contains(";") && !Text.tidy(named[0]).isEmpty();
        String board = has ? Text.cut(Text.tidy(named[0]), Board.LONGEST_NAME) : null;
        List<WordLine.Entry> words = WordLine.read(has ? named[1] : bare);
        return new Line(said, student, several, board, words, words.stream().map(w -> files.get(Names.folded(w.label()))).toList());
    }

    /** A cell without the quotes a spreadsheet sets around it. */
    private static String bare(String cell) {
        String tidy = Text.tidy(cell);
        return tidy.length() > 1 && tidy.startsWith("\"") && tidy.endsWith("\"") ? Text.tidy(tidy.substring(1, tidy.length() - 1).replace("\"\"", "\"")) : tidy;
    }
}
