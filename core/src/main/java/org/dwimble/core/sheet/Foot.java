package org.dwimble.core.sheet;

import java.util.List;
import org.dwimble.core.measure.Length;
import org.dwimble.core.text.Text;

/** What stands small at the foot of every sheet: what it is and whose the pictures are, and a line to check the print with a ruler. */
public final class Foot {
    /** The room it takes above the margin. */
    public static final Length ROOM = Length.mm(8);
    private static final Length TYPE = Length.points(7.5);
    private static final Length RULER = Length.mm(50);
    private static final Length TICK = Length.mm(1.2);

    private Foot() {
    }

    /** @param text cut short if it is longer than there is room @param margin of the paper */
    public static List<Mark> of(String text, Length width, Length height, Length margin, Type type) {
        List<Mark> marks = new java.util.ArrayList<>();
        Length baseline = height.minus(margin);
        Length right = width.minus(margin);
        boolean ruled = right.minus(margin).compareTo(RULER.times(2)) >= 0;
        Length room = right.minus(margin);
        if (ruled) {
            Length start = right.minus(RULER);
            marks.add(new Mark.Line(start, baseline, right, baseline, false));
            marks.add(new Mark.Line(start, baseline.minus(TICK), start, baseline.plus(TICK), false));
            marks.add(new Mark.Line(right, baseline.minus(TICK), right, baseline.plus(TICK), false));
            String ruler = "50 mm on paper";
            marks.add(new Mark.Writing(right.minus(type.width(ruler, TYPE)), baseline.minus(Length.mm(1.6)), TYPE, ruler, false, true, false));
            room = start.minus(margin).minus(Length.mm(4));
        }
        marks.add(new Mark.Writing(margin, baseline, TYPE, cut(text, room, TYPE, type), false, true, false));
        return marks;
    }

    /** A line cut short with an ellipsis if it is longer than there is room; without what cannot be drawn. */
    static String cut(String text, Length room, Length size, Type type) {
        String drawn = drawable(text, type);
        while (Text.length(drawn) > 1 && type.width(drawn, size).compareTo(room) > 0) {
            drawn = Text.cut(drawn, Text.length(drawn) - 2).trim() + "…";
        }
        return drawn;
    }

    private static String drawable(String text, Type type) {
        StringBuilder drawn = new StringBuilder();
        text.codePoints().filter(c -> type.has(Character.toString(c))).forEach(drawn::appendCodePoint);
        return drawn.toString();
    }
}
