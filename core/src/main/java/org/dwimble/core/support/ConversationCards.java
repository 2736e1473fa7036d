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
 * Cards to talk about: a picture, what to ask or say, and lines to write on.
 *
 * @param onSheet how many, 1 to 12
 * @param lines   to write on, 0 to 6
 */
@JsonTypeName("conversation-cards")
public record ConversationCards(int onSheet, int lines) implements Support {
    private static final Length GAP = Length.mm(6);
    private static final Length LINE = Length.mm(9);
    public static final ConversationCards USUAL = new ConversationCards(4, 2);

    public ConversationCards {
        Bounds.within("cards", onSheet, 1, 12);
        Bounds.within("lines", lines, 0, 6);
    }

    @Override
    public Drawn on(Frame frame, Material of) {
        int columns = onSheet == 1 ? 1 : frame.lyingDown() ? Math.min(onSheet, 3) : 2;
        Cells cells = Cells.filling(frame.room(), (onSheet + columns - 1) / columns, columns, GAP);
        PageSetup below = of.page().labels() == LabelPlace.NONE ? of.page().withLabels(LabelPlace.BELOW) : of.page();
        Sheets sheets = new Sheets();
        for (List<Printed> some : Sheets.portions(of.words(), onSheet)) {
            Canvas canvas = new Canvas(of.type());
            Face face = Face.of(some, w -> said(cells.at(0)), below, canvas);
            for (int i = 0; i < onSheet; i++) {
                Rect card = cells.at(i);
                canvas.card(card, Length.mm(4), some.get(i).paper());
                face.draw(some.get(i), said(card), canvas);
                Length inset = card.width().times(0.07);
                for (int line = 1; line <= lines; line++) {
                    Length y = said(card).bottom().plus(line(card).times(line - 0.25));
                    canvas.line(card.x().plus(inset), y, card.right().minus(inset), y, false);
                }
            }
            sheets.add(canvas);
        }
        return sheets.drawn(Length.smaller(cells.width(), cells.height()).mm());
    }

    /** So far apart are lines, unless they would take more than half of the card. */
    private Length line(Rect card) {
        return Length.smaller(LINE, card.height().times(0.5 / Math.max(1, lines)));
    }

    private Rect said(Rect card) {
        return new Rect(card.x(), card.y(), card.width(), card.height().minus(line(card).times(lines)));
    }
}
