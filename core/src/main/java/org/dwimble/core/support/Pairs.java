package org.dwimble.core.support;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.List;
import org.dwimble.core.measure.Length;
import org.dwimble.core.sheet.Frame;
import org.dwimble.core.told.Unacceptable;

/**
 * Pairs to find: each word on two cards.
 *
 * @param side  of a card
 * @param match what makes a pair: twice the same, or the picture and its word
 */
@JsonTypeName("pairs")
public record Pairs(Length side, Match match) implements Support {
    public static final Pairs USUAL = new Pairs(Length.mm(50), Match.SAME);

    /** Twice the same, or the picture alone and the word alone. */
    public enum Match {
        SAME, PICTURE_WORD
    }

    public Pairs {
        Unacceptable.ifMissing(side, match);
        Bounds.card(side);
    }

    @Override
    public Drawn on(Frame frame, Material of) {
        List<Printed> cards = new ArrayList<>();
        of.words().stream().distinct().forEach(w -> {
            if (match == Match.SAME || w.pictures().isEmpty() || w.text().isEmpty()) {
                cards.add(w);
                cards.add(w);
            } else {
                cards.add(new Printed("", null, w.pictures(), w.not(), w.kind(), w.paper(), w.told()));
                cards.add(new Printed(w.text(), w.second(), List.of(), false, w.kind(), w.paper(), w.told()));
            }
        });
        return new Cards(side, side, 0, Length.mm(4), Cards.Lines.EDGE, Length.mm(3), Cards.Back.PATTERN, Cards.Flip.LONG, false)
            .on(frame, of.withWords(cards));
    }
}
