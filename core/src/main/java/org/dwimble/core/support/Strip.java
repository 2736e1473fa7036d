package org.dwimble.core.support;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import java.util.Locale;
import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.sheet.Canvas;
import org.dwimble.core.sheet.Frame;
import org.dwimble.core.told.Unacceptable;

/**
 * A schedule: what happens, one after the other.
 *
 * @param standing true if it goes down, false if it goes across
 * @param inRow    how many stand in a row, or below each other, before the next begins beside it; 0 for as many as fit
 * @param side     of each square
 * @param heads    what stands over each
 * @param start    the time of the first, in minutes after midnight, if clock times stand over them
 * @param minutes  from one to the next
 * @param done     how it is marked that something is over
 */
@JsonTypeName("strip")
public record Strip(boolean standing, int inRow, Length side, Heads heads, int start, int minutes, Done done) implements Support {
    private static final int MOST_IN_ROW = 30;
    private static final int DAY = 24 * 60;
    private static final Length GAP = Length.mm(6);
    private static final double HEAD = 0.16;
    private static final double TICK = 0.22;
    private static final List<String> PARTS = List.of("morning", "midday", "afternoon", "evening");
    public static final Strip USUAL = new Strip(false, 0, Length.mm(45), Heads.NUMBERS, 9 * 60, 30, Done.POCKET);

    /** What stands over each: nothing, its number, its time, its part of the day, or the words of two things at a time. */
    public enum Heads {
        NONE, NUMBERS, CLOCK, PARTS, NOW_NEXT, FIRST_THEN
    }

    /** A pocket at the end where what is over goes, a box to tick below each, or nothing. */
    public enum Done {
        NONE, POCKET, BOXES
    }

    public Strip {
        Unacceptable.ifMissing(side, heads, done);
        Bounds.within("inrow", inRow, 0, MOST_IN_ROW);
        Bounds.within("clock", start, 0, DAY - 1);
        Bounds.within("minutes", minutes, 1, DAY);
        Bounds.card(side);
    }

    @Override
    public Drawn on(Frame frame, Material of) {
        Length head = heads == Heads.NONE ? Length.ZERO : side.times(HEAD);
        Length tick = done == Done.BOXES ? side.times(TICK) : Length.ZERO;
        Length high = side.plus(head).plus(tick);
        int across = Cells.fitting(frame.room().width(), side, standing ? GAP : Length.ZERO);
        int down = Cells.fitting(frame.room().height(), high, standing ? Length.ZERO : GAP);
        if (across == 0 || down == 0) {
            throw new Unacceptable("card-too-large", "width", (int) side.mm(), "height", (int) high.mm(), "most",
                (int) Length.smaller(frame.room().width(), frame.room().height().times(side.dividedBy(high))).mm());
        }
        int run = standing ? down : across;
        int each = inRow == 0 ? run : Math.min(inRow, run);
        int runs = standing ? across : down;
        List<Printed> words = of.words().isEmpty() ? List.of(Printed.NOTHING) : of.words();
        int steps = words.size() + (done == Done.POCKET ? 1 : 0);
        Sheets sheets = new Sheets();
        Face face = Face.of(words, w -> new Rect(Length.ZERO, Length.ZERO, side, side), of.page(), new Canvas(of.type()));
        for (int first = 0; first < steps; first += each * runs) {
            Canvas canvas = new Canvas(of.type());
            for (int i = first; i < Math.min(steps, first + each * runs); i++) {
                int along = (i - first) % each;
                int beside = (i - first) / each;
                Length x = frame.room().x().plus(standing ? side.plus(GAP).times(beside) : side.times(along));
                Length y = frame.room().y().plus(standing ? high.times(along) : high.plus(GAP).times(beside));
                Rect square = new Rect(x, y.plus(head), side, side);
                if (i == words.size()) {
                    pocket(square, canvas);
                } else {
                    head(i, words.size(), new Rect(x, y, side, head), canvas);
                    canvas.card(square, Length.ZERO, words.get(i).paper());
                    face.draw(words.get(i), square, canvas);
                    if (done == Done.BOXES) {
                        Length box = tick.times(0.7);
                        canvas.card(new Rect(x.plus(side.minus(box).times(0.5)), square.bottom().plus(tick.minus(box).times(0.5)), box, box), Length.ZERO,
                            null);
                    }
                }
            }
            sheets.add(canvas);
        }
        return sheets.drawn(Math.min(each, words.size()));
    }

    private static void pocket(Rect square, Canvas canvas) {
        canvas.cut(square);
        canvas.write("done", square.inset(square.width().times(0.1)), square.height().times(0.2), Canvas.Stand.MIDDLE, false);
    }

    private void head(int step, int steps, Rect room, Canvas canvas) {
        String text = switch (heads) {
            case NONE -> "";
            case NUMBERS -> String.valueOf(step + 1);
            case CLOCK -> String.format(Locale.ROOT, "%d:%02d", (start + step * minutes) % DAY / 60, (start + step * minutes) % 60);
            case PARTS -> part(step, steps);
            case NOW_NEXT -> step == 0 ? "now" : step == 1 ? "next" : "then";
            case FIRST_THEN -> step == 0 ? "first" : "then";
        };
        if (!text.isEmpty()) {
            canvas.write(text, room, room.height().times(0.75), Canvas.Stand.MIDDLE, false);
        }
    }

    /** Where a part of the day begins; the steps are shared out among as many parts as there are, the earlier ones first. */
    private static String part(int step, int steps) {
        int parts = Math.min(PARTS.size(), steps);
        int now = step * parts / steps;
        return step == 0 || (step - 1) * parts / steps != now ? PARTS.get(now) : "";
    }
}
