package org.dwimble.core.support;

import java.util.ArrayList;
import java.util.List;
import org.dwimble.core.sheet.Canvas;
import org.dwimble.core.told.Told;

/** Sheets gathered one after the other, with what is worth knowing about any of them. */
final class Sheets {
    private final List<Drawn.Sheet> sheets = new ArrayList<>();
    private final List<Told> notes = new ArrayList<>();

    void add(Canvas front) {
        sheets.add(new Drawn.Sheet(front.marks(), null));
        told(front);
    }

    void add(Canvas front, Canvas back) {
        sheets.add(new Drawn.Sheet(front.marks(), back.marks()));
        told(front);
        told(back);
    }

    private void told(Canvas canvas) {
        canvas.notes().stream().filter(n -> !notes.contains(n)).forEach(notes::add);
    }

    void note(Told note) {
        if (!notes.contains(note)) {
            notes.add(note);
        }
    }

    /** @param merit as {@link Drawn#merit()} */
    Drawn drawn(double merit) {
        return new Drawn(sheets, notes, merit);
    }

    /** Words in portions, the last one filled with nothing; one portion of nothing if there are none. */
    static List<List<Printed>> portions(List<Printed> words, int each) {
        List<List<Printed>> portions = new ArrayList<>();
        for (int first = 0; first == 0 || first < words.size(); first += each) {
            List<Printed> some = new ArrayList<>(words.subList(Math.min(first, words.size()), Math.min(words.size(), first + each)));
            while (some.size() < each) {
                some.add(Printed.NOTHING);
            }
            portions.add(some);
        }
        return portions;
    }
}
