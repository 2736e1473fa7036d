package org.dwimble.core.support;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import org.dwimble.core.look.LabelPlace;
import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.sheet.Canvas;
import org.dwimble.core.sheet.Frame;
import org.dwimble.core.sheet.PageSetup;

/**
 * Rules, or the steps of a routine: one below the other, picture and words beside it.
 *
 * @param onSheet how many
 * @param heading what stands over them; may be empty
 * @param numbers true to number them
 */
@JsonTypeName("rules")
public record Rules(int onSheet, String heading, boolean numbers) implements Support {
    private static final Length GAP = Length.mm(4);
    public static final Rules USUAL = new Rules(5, "Our rules", true);

    public Rules {
        Bounds.within("rules", onSheet, 1, 12);
        heading = Title.checked(heading);
    }

    @Override
    public Drawn on(Frame frame, Material of) {
        Cells rows = Cells.filling(Title.below(frame.room(), heading), onSheet, 1, GAP);
        PageSetup beside = of.page().withLabels(of.page().labels() == LabelPlace.NONE ? LabelPlace.NONE : LabelPlace.BESIDE);
        Sheets sheets = new Sheets();
        int number = 1;
        for (List<Printed> some : Sheets.portions(of.words(), onSheet)) {
            Canvas canvas = new Canvas(of.type());
            Title.draw(frame.room(), heading, canvas);
            Face face = Face.of(some, w -> word(rows.at(0)), beside, canvas);
            for (int i = 0; i < onSheet; i++) {
                Rect row = rows.at(i);
                canvas.card(row, Length.mm(3), some.get(i).paper());
                if (numbers) {
                    Rect at = new Rect(row.x(), row.y(), number(row), row.height());
                    canvas.write(String.valueOf(number++), at.inset(at.width().times(0.15)), row.height().times(0.4), Canvas.Stand.MIDDLE, false);
                }
                face.draw(some.get(i), word(row), canvas);
            }
            sheets.add(canvas);
        }
        return sheets.drawn(rows.height().mm());
    }

    private Length number(Rect row) {
        return numbers ? Length.smaller(row.height().times(0.6), row.width().times(0.1)) : Length.ZERO;
    }

    private Rect word(Rect row) {
        return new Rect(row.x().plus(number(row)), row.y(), row.width().minus(number(row)), row.height());
    }
}
