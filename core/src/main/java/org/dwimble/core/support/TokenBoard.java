package org.dwimble.core.support;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import org.dwimble.core.look.Colour;
import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.sheet.Canvas;
import org.dwimble.core.sheet.Frame;
/**
 * What somebody works for, and places for tokens on the way there: each word of the list is worked for once; its tokens lie on a
 * sheet of their own, to cut.
 *
 * @param tokens how many, 3 to 10
 * @param asked  what stands over what is worked for
 * @param cut    true for the tokens to cut
 */
@JsonTypeName("token-board")
public record TokenBoard(int tokens, String asked, boolean cut) implements Support {
    private static final int IN_ROW = 5;
    private static final Length GAP = Length.mm(8);
    private static final Length LARGEST = Length.mm(45);
    private static final Colour PEBBLE = Colour.of("#f2a65a");
    public static final TokenBoard USUAL = new TokenBoard(4, "When all are there", true);

    public TokenBoard {
        Bounds.within("tokens", tokens, 3, 10);
        asked = Title.checked(asked);
    }

    @Override
    public Drawn on(Frame frame, Material of) {
        List<Printed> words = of.words().isEmpty() ? List.of(Printed.NOTHING) : of.words();
        Rect room = Title.below(frame.room(), asked);
        Cells places = places(room);
        Length taken = places.outline().height().plus(GAP);
        Rect goal = new Rect(room.x(), room.y(), room.width(), room.height().minus(taken));
        Length side = Length.smaller(goal.width(), goal.height());
        Rect box = new Rect(goal.x().plus(goal.width().minus(side).times(0.5)), goal.y(), side, side);
        Cells below = new Cells(new Rect(room.x(), box.bottom().plus(GAP), room.width(), taken), places.rows(), places.columns(), places.width(),
            places.height(), GAP);
        Sheets sheets = new Sheets();
        for (Printed word : words) {
            Canvas canvas = new Canvas(of.type());
            Title.draw(frame.room(), asked, canvas);
            canvas.card(box, Length.mm(6), word.paper());
            Face.of(List.of(word), w -> box, of.page(), canvas).draw(word, box, canvas);
            for (int i = 0; i < tokens; i++) {
                Rect place = below.at(i);
                canvas.circle(place.x().plus(place.width().times(0.5)), place.y().plus(place.height().times(0.5)), place.width().times(0.5), null);
            }
            sheets.add(canvas);
        }
        if (cut) {
            sheets.add(tokens(frame.room(), below.width(), of));
        }
        return sheets.drawn(side.mm());
    }

    private Cells places(Rect room) {
        int columns = Math.min(tokens, IN_ROW);
        int rows = (tokens + columns - 1) / columns;
        Length side = Length.smaller(LARGEST, Length.smaller(Cells.squares(room, rows, columns, GAP).width(), room.height().times(0.35).part(rows)));
        return new Cells(room, rows, columns, side, side, GAP);
    }

    /** As many tokens as there are places, as large as those. */
    private Canvas tokens(Rect room, Length side, Material of) {
        int columns = Math.max(1, Cells.fitting(room.width(), side, GAP));
        Cells cells = new Cells(room, (tokens + columns - 1) / columns, columns, side, side, GAP);
        Canvas canvas = new Canvas(of.type());
        for (int i = 0; i < tokens; i++) {
            Rect token = cells.at(i);
            canvas.circle(token.x().plus(side.times(0.5)), token.y().plus(side.times(0.5)), side.times(0.5), PEBBLE);
        }
        return canvas;
    }
}
