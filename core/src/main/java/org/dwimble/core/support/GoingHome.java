package org.dwimble.core.support;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.sheet.Canvas;
import org.dwimble.core.sheet.Frame;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;

/**
 * A page to take home: under each heading the next words of the list, to be read, or circled as they are true today, and lines to write
 * on. A list with more words than one page takes makes more pages.
 *
 * @param heading  what stands over it all; may be empty
 * @param sections what stands over the words, and how many words there are below
 * @param lines    to write on at the foot, 0 to 8
 */
@JsonTypeName("going-home")
public record GoingHome(String heading, List<Section> sections, int lines) implements Support {
    private static final int LONGEST = 60;
    private static final Length HEAD = Length.mm(8);
    private static final Length LINE = Length.mm(10);
    private static final Length GAP = Length.mm(4);
    public static final GoingHome USUAL = new GoingHome("My day",
        List.of(new Section("What we did", 3), new Section("How I felt", 4), new Section("What I ate", 3),
            new Section("What I need", 3)),
        2);

    /** @param words how many, 1 to 8 */
    public record Section(String called, int words) {
        public Section {
            called = Text.tidy(called);
            Text.atMost(LONGEST, "label", called);
            Bounds.within("words", words, 1, 8);
        }
    }

    public GoingHome {
        Unacceptable.ifMissing(sections);
        heading = Title.checked(heading);
        sections = List.copyOf(sections);
        Bounds.within("sections", sections.size(), 1, 8);
        Bounds.within("lines", lines, 0, 8);
    }

    @Override
    public Drawn on(Frame frame, Material of) {
        int each = sections.stream().mapToInt(Section::words).sum();
        Rect room = Title.below(frame.room(), heading);
        Length written = LINE.times(lines);
        Cells rows = Cells.filling(new Rect(room.x(), room.y(), room.width(), room.height().minus(written)), sections.size(), 1, GAP);
        Sheets sheets = new Sheets();
        for (List<Printed> some : Sheets.portions(of.words(), each)) {
            Canvas canvas = new Canvas(of.type());
            Title.draw(frame.room(), heading, canvas);
            int next = 0;
            for (int s = 0; s < sections.size(); s++) {
                section(sections.get(s), some.subList(next, next + sections.get(s).words()), rows.at(s), of, canvas);
                next += sections.get(s).words();
            }
            for (int line = 1; line <= lines; line++) {
                Length y = room.bottom().minus(written).plus(LINE.times(line));
                canvas.line(room.x(), y, room.right(), y, false);
            }
            sheets.add(canvas);
        }
        return sheets.drawn(rows.height().mm());
    }

    private static void section(Section section, List<Printed> words, Rect row, Material of, Canvas canvas) {
        Length head = Length.smaller(HEAD, row.height().times(0.25));
        canvas.write(section.called(), new Rect(row.x(), row.y(), row.width(), head), head.times(0.65), Canvas.Stand.MIDDLE, false, false);
        Rect below = new Rect(row.x(), row.y().plus(head), row.width(), row.height().minus(head));
        Cells cells = Cells.filling(below, 1, words.size(), Length.mm(3));
        Face face = Face.of(words, w -> cells.at(0), of.page(), canvas);
        for (int i = 0; i < words.size(); i++) {
            canvas.card(cells.at(i), Length.mm(3), words.get(i).paper());
            face.draw(words.get(i), cells.at(i), canvas);
        }
    }
}
