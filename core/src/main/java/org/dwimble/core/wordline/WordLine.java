package org.dwimble.core.wordline;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Edit;
import org.dwimble.core.board.Text;
import org.dwimble.core.board.Unacceptable;
import org.dwimble.core.picture.Picture;
import org.jspecify.annotations.Nullable;

/**
 * Reads what was typed or pasted into the word line. Words are parted by line breaks, commas, semicolons and
 * tabs; {@code kite=Big Red} is the picture of kite with the label Big Red.
 */
public final class WordLine {
    /** The most words taken at once. */
    public static final int MOST = 400;

    /**
     * One button to be: the word its picture is looked for by, and its label.
     *
     * @param picture chosen by hand; null to take the best found
     */
    public record Entry(String pictureWord, String label, @Nullable String picture) {
        public Entry(String pictureWord, String label) {
            this(pictureWord, label, null);
        }
    }

    private WordLine() {
    }

    /** In typed order; blanks are passed over. */
    public static List<Entry> read(String text) {
        List<Entry> entries = new ArrayList<>();
        for (String part : text.split("[\\r\\n,;\\t\\u2028\\u2029\\u060c\\uff0c\\u3001]+")) {
            String word = Text.tidy(part);
            int equals = word.indexOf('=');
            if (equals > 0 && equals < word.length() - 1) {
                entries.add(new Entry(Text.tidy(word.substring(0, equals)), Text.tidy(word.substring(equals + 1))));
            } else if (!word.isEmpty() && !word.equals("=")) {
                entries.add(new Entry(word, word));
            }
        }
        return entries;
    }

    /**
     * The edit that puts the typed words on a board, one after the other in empty cells from a cell on, in
     * reading order, going on at the top if the end is reached.
     *
     * @param keptFree empty cells that are passed over, unless one of them is the very cell to begin at
     * @throws Unacceptable if nothing was typed, or there are more words than empty cells: then none is put
     */
    public static Edit.Several put(List<Entry> entries, Board board, Cell from, List<Cell> keptFree, Guesses guesses, Supplier<String> ids) {
        if (entries.isEmpty()) {
            throw new Unacceptable("The word line is empty. Type a word, then press Enter.");
        }
        if (entries.size() > MOST) {
            throw new Unacceptable("That is %,d words; up to %d go in at once. Nothing was changed.".formatted(entries.size(), MOST));
        }
        List<Cell> cells = board.emptyCellsFrom(from).stream().filter(c -> c.equals(from) || !keptFree.contains(c)).toList();
        if (cells.isEmpty()) {
            throw new Unacceptable("Every cell of %s is taken. Take a button off, or put “%s” on another board. Nothing was changed."
                .formatted(board.name(), Text.cut(entries.get(0).label(), 30)));
        }
        if (entries.size() > cells.size()) {
            throw new Unacceptable("That is %d words, and %s has %d empty %s. Nothing was changed; paste fewer, or use another board."
                .formatted(entries.size(), board.name(), cells.size(), cells.size() == 1 ? "cell" : "cells"));
        }
        List<Edit> puts = new ArrayList<>();
        for (int i = 0; i < entries.size(); i++) {
            Entry entry = entries.get(i);
            Picture found = entry.picture() != null ? null : guesses.picture(entry.pictureWord()).orElse(null);
            String chosen = entry.picture() != null ? entry.picture() : found == null ? null : found.id();
            Picture shown = chosen == null ? null : guesses.byId(chosen).orElse(found);
            Button button = Button.word(ids.get(), cells.get(i), entry.label(), chosen, guesses.kind(entry.pictureWord(), shown));
            puts.add(new Edit.PutButton(board.id(), button));
        }
        return new Edit.Several(puts);
    }
}
