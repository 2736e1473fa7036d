package org.dwimble.core.support.kept;

import org.dwimble.core.document.As;
import org.dwimble.core.document.Field;
import org.dwimble.core.document.Part;
import org.dwimble.core.measure.Length;
import org.dwimble.core.support.Cards;
import tools.jackson.databind.node.ObjectNode;

/** Cards, as kept. */
final class CardsPart extends Part<Cards> {
    private final Field<Cards, Length> width = field("width", As.LENGTH, Length.mm(50), Cards::width);
    private final Field<Cards, Length> height = field("height", As.LENGTH, Length.mm(50), Cards::height);
    private final Field<Cards, Integer> onSheet = field("onSheet", As.NUMBER, 0, Cards::onSheet);
    private final Field<Cards, Length> gap = field("gap", As.LENGTH, Length.mm(4), Cards::gap);
    private final Field<Cards, Cards.Lines> lines = field("lines", As.word(Cards.Lines.class), Cards.Lines.EDGE, Cards::lines);
    private final Field<Cards, Length> corner = field("corner", As.LENGTH, Length.mm(3), Cards::corner);
    private final Field<Cards, Cards.Back> back = field("back", As.word(Cards.Back.class), Cards.Back.NONE, Cards::back);
    private final Field<Cards, Cards.Flip> flip = field("flip", As.word(Cards.Flip.class), Cards.Flip.LONG, Cards::flip);
    private final Field<Cards, Boolean> hole = field("hole", As.FLAG, false, Cards::hole);

    @Override
    protected Cards made(ObjectNode json) {
        return new Cards(width.in(json), height.in(json), onSheet.in(json), gap.in(json), lines.in(json),
            corner.in(json), back.in(json), flip.in(json), hole.in(json));
    }
}
