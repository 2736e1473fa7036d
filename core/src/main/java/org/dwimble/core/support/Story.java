package org.dwimble.core.support;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.sheet.Canvas;
import org.dwimble.core.sheet.Frame;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;

/**
 * Story pages: each word of the list is a page of it, its text below its picture.
 *
 * @param bound  1, 2 or 4 pages on a sheet, or folded into a booklet
 * @param creep  how far the innermost sheet of a booklet would stand out, which its pages are moved in by
 * @param over   true for a small picture over each word of the text that has one
 * @param title  on a page of its own at the front; may be empty for none
 */
@JsonTypeName("story")
public record Story(Bound bound, Length creep, boolean over, String title) implements Support {
    private static final Length MOST_CREEP = Length.mm(10);
    private static final Length GAP = Length.mm(12);
    private static final Length LARGEST = Length.points(30);
    private static final Length SMALLEST = Length.points(9);
    private static final double PICTURE = 0.6;
    private static final double LINE = 1.4;
    private static final double LINE_WITH_PICTURES = 3.0;
    public static final Story USUAL = new Story(Bound.TWO, Length.ZERO, false, "");

    /** How many pages lie on a sheet, or folded in the middle. */
    public enum Bound {
        ONE, TWO, FOUR, BOOKLET
    }

    public Story {
        Unacceptable.ifMissing(bound, creep);
        if (creep.micrometres() < 0 || creep.compareTo(MOST_CREEP) > 0) {
            throw new Unacceptable("card-gap", "most", (int) MOST_CREEP.mm());
        }
        title = Title.checked(title);
    }

    @Override
    public Drawn on(Frame frame, Material of) {
        List<Printed> pages = new ArrayList<>();
        if (!title.isEmpty()) {
            pages.add(new Printed(title, null, List.of(), false, null, null, title));
        }
        pages.addAll(of.words().isEmpty() ? List.of(Printed.NOTHING) : of.words());
        return bound == Bound.BOOKLET ? booklet(pages, frame, of) : flat(pages, frame, of);
    }

    private Drawn flat(List<Printed> pages, Frame frame, Material of) {
        int columns = bound == Bound.FOUR || bound == Bound.TWO && frame.lyingDown() ? 2 : 1;
        int rows = bound == Bound.FOUR || bound == Bound.TWO && !frame.lyingDown() ? 2 : 1;
        Cells cells = Cells.filling(frame.room(), rows, columns, GAP);
        Sheets sheets = new Sheets();
        for (List<Printed> some : Sheets.portions(pages, cells.count())) {
            Canvas canvas = new Canvas(of.type());
            for (int i = 0; i < some.size(); i++) {
                page(some.get(i), cells.at(i), of, canvas);
            }
            sheets.add(canvas);
        }
        return sheets.drawn(Length.smaller(cells.width(), cells.height()).mm());
    }

    /**
     * Two pages beside each other on each side of a sheet, so ordered that the sheets folded in the middle and laid into each other are
     * read in order: with n pages, a multiple of four, the front of sheet s from outside has n - 2s and 1 + 2s, its back 2 + 2s and
     * n - 1 - 2s. Turned over the short edge.
     */
    private Drawn booklet(List<Printed> given, Frame frame, Material of) {
        List<Printed> pages = new ArrayList<>(given);
        while (pages.size() % 4 != 0) {
            pages.add(Printed.NOTHING);
        }
        int sheetsNeeded = pages.size() / 4;
        Cells halves = Cells.filling(frame.room(), 1, 2, GAP);
        Sheets sheets = new Sheets();
        for (int s = 0; s < sheetsNeeded; s++) {
            Length in = sheetsNeeded == 1 ? Length.ZERO : creep.times(s / (double) (sheetsNeeded - 1));
            Canvas front = side(pages.get(pages.size() - 1 - 2 * s), pages.get(2 * s), halves, in, of);
            Canvas back = side(pages.get(1 + 2 * s), pages.get(pages.size() - 2 - 2 * s), halves, in, of);
            sheets.add(front, back);
        }
        if (!frame.lyingDown()) {
            sheets.note(Told.of("booklet-standing"));
        }
        return sheets.drawn(frame.lyingDown() ? 2 : 1);
    }

    /** @param in how far both pages are moved towards the fold */
    private Canvas side(Printed left, Printed right, Cells halves, Length in, Material of) {
        Canvas canvas = new Canvas(of.type());
        page(left, moved(halves.at(0), in), of, canvas);
        page(right, moved(halves.at(1), in.times(-1)), of, canvas);
        return canvas;
    }

    private static Rect moved(Rect rect, Length by) {
        return new Rect(rect.x().plus(by), rect.y(), rect.width(), rect.height());
    }

    private void page(Printed page, Rect room, Material of, Canvas canvas) {
        if (page.nothing()) {
            return;
        }
        boolean pictured = !page.pictures().isEmpty();
        if (pictured) {
            Rect picture = new Rect(room.x(), room.y(), room.width(), room.height().times(page.text().isEmpty() ? 1 : PICTURE)).inset(Length.mm(2));
            canvas.pictures(picture, page.pictures(), page.text().isEmpty() ? page.told() : null);
            if (page.not()) {
                canvas.not(picture);
            }
        }
        if (page.text().isEmpty()) {
            return;
        }
        Rect text = pictured ? new Rect(room.x(), room.y().plus(room.height().times(PICTURE)), room.width(), room.height().times(1 - PICTURE)) : room;
        String all = page.second() == null ? page.text() : page.text() + " " + page.second();
        double line = over ? LINE_WITH_PICTURES : LINE;
        Length size = Paragraph.fitting(all, text.width(), text.height(), LARGEST, SMALLEST, line, of.type());
        List<String> lines = Paragraph.lines(page.text(), text.width(), size, of.type());
        if (page.second() != null) {
            lines.addAll(Paragraph.lines(page.second(), text.width(), size, of.type()));
        }
        int most = Math.max(1, (int) (text.height().micrometres() / Math.max(1, size.times(line).micrometres())));
        if (lines.size() > most) {
            canvas.note(Told.of("cut-short-on-paper", "label", Text.cut(page.text(), 30)));
        }
        for (int i = 0; i < Math.min(most, lines.size()); i++) {
            Length bottom = text.y().plus(size.times(line * (i + 1)));
            written(lines.get(i), text, bottom.minus(size.times(0.3)), size, of, canvas);
        }
    }

    /** A line, word by word if small pictures stand over them. */
    private void written(String line, Rect room, Length baseline, Length size, Material of, Canvas canvas) {
        if (!over) {
            canvas.line(line, room.x(), baseline, size, false);
            return;
        }
        Length x = room.x();
        for (String word : line.split(" ")) {
            canvas.line(word, x, baseline, size, false);
            Length wide = of.type().width(word, size);
            Optional<String> picture = of.symbols().picture(word);
            if (picture.isPresent()) {
                Length side = size.times(1.4);
                canvas.pictures(new Rect(x.plus(wide.minus(side).times(0.5)), baseline.minus(size).minus(side), side, side), List.of(picture.get()), null);
            }
            x = x.plus(wide).plus(of.type().width(" ", size));
        }
    }
}
