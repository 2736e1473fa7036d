package org.dwimble.core.support;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.sheet.Canvas;
import org.dwimble.core.sheet.Frame;

/**
 * A few things to choose from, as large as the sheet allows.
 *
 * @param onSheet how many, 2 to 8
 * @param asked   what is asked; may be empty
 */
@JsonTypeName("choices")
public record Choices(int onSheet, String asked) implements Support {
    private static final Length GAP = Length.mm(10);
    public static final Choices USUAL = new Choices(4, "What would you like?");

    public Choices {
        Bounds.within("choices", onSheet, 2, 8);
        asked = Title.checked(asked);
    }

    @Override
    public Drawn on(Frame frame, Material of) {
        Rect room = Title.below(frame.room(), asked);
        Cells cells = best(room);
        Sheets sheets = new Sheets();
        for (List<Printed> some : Sheets.portions(of.words(), onSheet)) {
            Canvas canvas = new Canvas(of.type());
            Title.draw(frame.room(), asked, canvas);
            Face face = Face.of(some, w -> cells.at(0), of.page(), canvas);
            for (int i = 0; i < onSheet; i++) {
                canvas.card(cells.at(i), Length.mm(5), some.get(i).paper());
                face.draw(some.get(i), cells.at(i), canvas);
            }
            sheets.add(canvas);
        }
        return sheets.drawn(cells.width().mm());
    }

    /** Rows and columns that make the squares largest, and no row empty. */
    private Cells best(Rect room) {
        Cells best = Cells.squares(room, onSheet, 1, GAP);
        for (int columns = 2; columns <= onSheet; columns++) {
            Cells some = Cells.squares(room, (onSheet + columns - 1) / columns, columns, GAP);
            if (some.width().compareTo(best.width()) > 0) {
                best = some;
            }
        }
        return best;
    }
}
