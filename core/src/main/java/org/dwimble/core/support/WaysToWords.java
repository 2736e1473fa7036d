package org.dwimble.core.support;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import org.dwimble.core.look.Colour;
import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.sheet.Canvas;
import org.dwimble.core.sheet.Frame;
import org.dwimble.core.sheet.Mark;
import org.dwimble.core.told.Told;

/**
 * Where words are on the student's boards, for who speaks with the student at home: each word, and the taps to it as small grids.
 *
 * @param onSheet words on a sheet
 * @param title   what stands over it; may be empty
 */
@JsonTypeName("ways")
public record WaysToWords(int onSheet, String title) implements Support {
    public static final WaysToWords USUAL = new WaysToWords(6, "New words, and where they are");
    private static final int MOST_TAPS = 5;
    private static final Length GAP = Length.mm(4);
    private static final Length ARROW = Length.mm(9);
    private static final Length NAME = Length.points(10);
    private static final Length THIN = Length.mm(0.2);
    private static final Colour TAPPED = Colour.of("#d6482b");
    private static final Colour FAINT = Colour.of("#a89f8c");
    private static final double NAME_SHARE = 0.17;
    private static final double WIDEST = 1.5;

    public WaysToWords {
        Bounds.within("words", onSheet, 2, 12);
        title = Title.checked(title);
    }

    @Override
    public Drawn on(Frame frame, Material of) {
        Cells bands = Cells.filling(Title.below(frame.room(), title), onSheet, 1, GAP);
        Sheets sheets = new Sheets();
        for (List<Printed> some : Sheets.portions(of.words(), onSheet)) {
            Canvas canvas = new Canvas(of.type());
            Title.draw(frame.room(), title, canvas);
            Face face = Face.of(some, w -> word(bands.at(0)), of.page(), canvas);
            for (int i = 0; i < onSheet; i++) {
                Printed printed = some.get(i);
                if (!printed.nothing()) {
                    Rect band = bands.at(i);
                    canvas.card(word(band), Length.mm(2), printed.paper());
                    face.draw(printed, word(band), canvas);
                    way(of.ways().to(printed), band, canvas);
                }
            }
            sheets.add(canvas);
        }
        return sheets.drawn(Length.smaller(bands.height(), bands.width().times(1.0 / (MOST_TAPS - 1))).mm());
    }

    private static Rect word(Rect band) {
        Length side = Length.smaller(band.height(), band.width().times(0.3));
        return new Rect(band.x(), band.y(), side, side);
    }

    private static void way(List<Material.Tap> taps, Rect band, Canvas canvas) {
        Length from = word(band).right();
        if (taps.isEmpty()) {
            canvas.note(Told.of("ways-not-there"));
            canvas.write(canvas.type().said(Told.of("paper-not-there")), new Rect(from.plus(GAP), band.y(), band.right().minus(from).minus(GAP), band.height()),
                NAME, Canvas.Stand.MIDDLE,
                false, false);
            return;
        }
        int count = Math.min(MOST_TAPS, taps.size());
        Length each = band.right().minus(from).part(count).minus(ARROW);
        Length high = band.height().times(1 - NAME_SHARE);
        Length wide = Length.smaller(each, high.times(WIDEST));
        for (int i = 0; i < count; i++) {
            Material.Tap tap = taps.get(taps.size() - count + i);
            Length x = from.plus(ARROW).plus(wide.plus(ARROW).times(i));
            Arrow.right(x.minus(ARROW), x, band.y().plus(high.times(0.5)), canvas);
            grid(tap, new Rect(x, band.y(), wide, high), canvas);
            canvas.write(tap.board(), new Rect(x, band.y().plus(high), wide, band.height().minus(high)), NAME, Canvas.Stand.BOTTOM, false);
        }
    }

    private static void grid(Material.Tap tap, Rect room, Canvas canvas) {
        canvas.card(room, Length.mm(1), null);
        Length width = room.width().part(tap.columns());
        Length height = room.height().part(tap.rows());
        for (int c = 1; c < tap.columns(); c++) {
            canvas.marks().add(stroke(room.x().plus(width.times(c)), room.y(), room.x().plus(width.times(c)), room.bottom()));
        }
        for (int r = 1; r < tap.rows(); r++) {
            canvas.marks().add(stroke(room.x(), room.y().plus(height.times(r)), room.right(), room.y().plus(height.times(r))));
        }
        canvas.card(new Rect(room.x().plus(width.times(tap.cell().column())), room.y().plus(height.times(tap.cell().row())), width, height),
            Length.smaller(width, height).times(0.15), TAPPED);
    }

    private static Mark stroke(Length x1, Length y1, Length x2, Length y2) {
        return new Mark.Stroke(List.of(new Mark.Point(x1, y1), new Mark.Point(x2, y2)),
            FAINT, THIN, false);
    }
}
