package org.dwimble.core.support;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.List;
import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.sheet.Canvas;
import org.dwimble.core.sheet.Frame;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;

/**
 * A mat with fields to sort onto, and the cards to sort.
 *
 * @param fields what the fields are called, 2 to 4
 * @param side   of each card
 */
@JsonTypeName("sorting-mats")
public record SortingMats(List<String> fields, Length side) implements Support {
    private static final int LONGEST = 40;
    private static final Length GAP = Length.mm(6);
    public static final SortingMats USUAL = new SortingMats(List.of("at the harbour", "at home"), Length.mm(40));

    public SortingMats {
        Unacceptable.ifMissing(fields, side);
        fields = fields.stream().map(Text::tidy).toList();
        Bounds.within("fields", fields.size(), 2, 4);
        fields.forEach(f -> Text.atMost(LONGEST, "label", f));
        Bounds.card(side);
    }

    @Override
    public Drawn on(Frame frame, Material of) {
        int columns = fields.size() == 3 ? 3 : 2;
        Cells cells = Cells.filling(frame.room(), (fields.size() + columns - 1) / columns, columns, GAP);
        Canvas mat = new Canvas(of.type());
        for (int i = 0; i < fields.size(); i++) {
            Rect field = cells.at(i);
            mat.card(field, Length.mm(6), null);
            Length head = Length.smaller(Length.mm(16), field.height().times(0.15));
            Rect over = new Rect(field.x(), field.y().plus(head.times(0.2)), field.width(), head);
            mat.write(fields.get(i), over.inset(Length.mm(1)), head.times(0.6), Canvas.Stand.MIDDLE, false);
        }
        Drawn cards = new Cards(side, side, 0, Length.mm(4), Cards.Lines.EDGE, Length.mm(3), Cards.Back.NONE, Cards.Flip.LONG, false).on(frame, of);
        Sheets sheets = new Sheets();
        sheets.add(mat);
        List<Drawn.Sheet> all = new ArrayList<>(sheets.drawn(0).sheets());
        all.addAll(cards.sheets());
        return new Drawn(all, cards.notes(), cards.merit());
    }
}
