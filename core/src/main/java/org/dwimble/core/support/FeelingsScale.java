package org.dwimble.core.support;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import org.dwimble.core.look.Colour;
import org.dwimble.core.look.LabelPlace;
import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.sheet.Canvas;
import org.dwimble.core.sheet.Frame;
import org.dwimble.core.sheet.PageSetup;

/**
 * A scale to point at: the first word lowest, each step in its colour, from calm to much too much.
 *
 * @param steps   3 to 10; words beyond that begin another sheet, and steps without a word wait for one
 * @param heading what stands over it; may be empty
 */
@JsonTypeName("feelings-scale")
public record FeelingsScale(int steps, String heading) implements Support {
    private static final Length GAP = Length.mm(2);
    /** Calm and much too much; what lies between is mixed of both by way of the middle. */
    private static final Colour LOW = Colour.of("#b5e6ee");
    private static final Colour MIDDLE = Colour.of("#ffeda6");
    private static final Colour HIGH = Colour.of("#f4b3a1");
    public static final FeelingsScale USUAL = new FeelingsScale(5, "How I feel");

    public FeelingsScale {
        Bounds.within("steps", steps, 3, 10);
        heading = Title.checked(heading);
    }

    @Override
    public Drawn on(Frame frame, Material of) {
        Cells rows = Cells.filling(Title.below(frame.room(), heading), steps, 1, GAP);
        PageSetup beside = of.page().withLabels(of.page().labels() == LabelPlace.NONE ? LabelPlace.NONE : LabelPlace.BESIDE);
        Sheets sheets = new Sheets();
        for (List<Printed> some : Sheets.portions(of.words(), steps)) {
            Canvas canvas = new Canvas(of.type());
            Title.draw(frame.room(), heading, canvas);
            Face face = Face.of(some, w -> word(rows.at(0)), beside, canvas);
            for (int step = 0; step < steps; step++) {
                Rect row = rows.at(steps - 1 - step);
                canvas.card(row, Length.mm(3), colour(step));
                Rect number = new Rect(row.x(), row.y(), row.width().times(0.12), row.height());
                canvas.write(String.valueOf(step + 1), number.inset(number.width().times(0.1)), row.height().times(0.5), Canvas.Stand.MIDDLE, false);
                face.draw(some.get(step), word(row), canvas);
            }
            sheets.add(canvas);
        }
        return sheets.drawn(rows.height().mm());
    }

    private static Rect word(Rect row) {
        return new Rect(row.x().plus(row.width().times(0.12)), row.y(), row.width().times(0.88), row.height());
    }

    private Colour colour(int step) {
        double share = step / (double) (steps - 1);
        return share < 0.5 ? mixed(LOW, MIDDLE, share * 2) : mixed(MIDDLE, HIGH, share * 2 - 1);
    }

    private static Colour mixed(Colour one, Colour other, double share) {
        return new Colour(part(one.red(), other.red(), share), part(one.green(), other.green(), share), part(one.blue(), other.blue(), share), 255);
    }

    private static int part(int one, int other, double share) {
        return (int) Math.round(one + (other - one) * share);
    }
}
