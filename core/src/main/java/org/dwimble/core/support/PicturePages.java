package org.dwimble.core.support;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import org.dwimble.core.measure.Length;
import org.dwimble.core.sheet.Canvas;
import org.dwimble.core.sheet.Frame;

/**
 * Large pictures to hold up or hang on a door.
 *
 * @param onSheet how many: 1, 2, 3 or 4
 */
@JsonTypeName("picture-pages")
public record PicturePages(int onSheet) implements Support {
    public static final PicturePages USUAL = new PicturePages(1);
    private static final Length GAP = Length.mm(10);

    public PicturePages {
        Bounds.within("pictures", onSheet, 1, 4);
    }

    @Override
    public Drawn on(Frame frame, Material of) {
        int along = onSheet == 4 ? 2 : onSheet;
        int beside = onSheet == 4 ? 2 : 1;
        Cells cells = Cells.filling(frame.room(), frame.lyingDown() ? beside : along, frame.lyingDown() ? along : beside, GAP);
        Sheets sheets = new Sheets();
        for (List<Printed> some : Sheets.portions(of.words(), onSheet)) {
            Canvas canvas = new Canvas(of.type());
            Face face = Face.of(some, w -> cells.at(0), of.page(), canvas);
            for (int i = 0; i < onSheet; i++) {
                if (some.get(i).paper() != null) {
                    canvas.card(cells.at(i), Length.mm(6), some.get(i).paper());
                }
                face.draw(some.get(i), cells.at(i), canvas);
            }
            sheets.add(canvas);
        }
        return sheets.drawn(Length.smaller(cells.width(), cells.height()).mm());
    }
}
