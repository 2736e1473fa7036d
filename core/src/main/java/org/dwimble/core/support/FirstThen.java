package org.dwimble.core.support;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.sheet.Canvas;
import org.dwimble.core.sheet.Frame;
import org.dwimble.core.text.Text;

/**
 * First this, then that: the words in pairs, each pair in a frame of its own.
 *
 * @param onSheet how many pairs
 * @param first   what stands over the first
 * @param then    what stands over the second
 */
@JsonTypeName("first-then")
public record FirstThen(int onSheet, String first, String then) implements Support {
    private static final int MOST = 6;
    private static final int LONGEST = 30;
    private static final double ARROW = 0.08;
    public static final FirstThen USUAL = new FirstThen(1, "First", "Then");

    public FirstThen {
        Bounds.within("pairs", onSheet, 1, MOST);
        first = Text.cut(Text.tidy(first), LONGEST);
        then = Text.cut(Text.tidy(then), LONGEST);
    }

    @Override
    public Drawn on(Frame frame, Material of) {
        Cells frames = Cells.filling(frame.room(), onSheet, 1, Length.mm(10));
        Sheets sheets = new Sheets();
        for (List<Printed> some : Sheets.portions(of.words(), 2 * onSheet)) {
            Canvas canvas = new Canvas(of.type());
            Face face = Face.of(some, w -> box(frames.at(0), 0), of.page(), canvas);
            for (int pair = 0; pair < onSheet; pair++) {
                if (pair == 0 || !some.get(2 * pair).nothing()) {
                    pair(some.subList(2 * pair, 2 * pair + 2), frames.at(pair), face, canvas);
                }
            }
            sheets.add(canvas);
        }
        Rect one = box(frames.at(0), 0);
        return sheets.drawn(Length.smaller(one.width(), one.height()).mm());
    }

    private void pair(List<Printed> words, Rect room, Face face, Canvas canvas) {
        for (int i = 0; i < 2; i++) {
            Rect box = box(room, i);
            Length head = head(room);
            canvas.write(i == 0 ? first : then, new Rect(box.x(), room.y(), box.width(), head), head.times(0.7), Canvas.Stand.MIDDLE, false);
            canvas.card(box, Length.mm(4), words.get(i).paper());
            face.draw(words.get(i), box, canvas);
        }
        Length middle = box(room, 0).y().plus(box(room, 0).height().times(0.5));
        Arrow.right(box(room, 0).right(), box(room, 1).x(), middle, canvas);
    }

    private static Length head(Rect room) {
        return Length.smaller(room.height().times(0.16), Length.mm(18));
    }

    private static Rect box(Rect room, int which) {
        Length arrow = room.width().times(ARROW);
        Length wide = room.width().minus(arrow).part(2);
        Length head = head(room);
        return new Rect(room.x().plus(wide.plus(arrow).times(which)), room.y().plus(head), wide, room.height().minus(head));
    }
}
