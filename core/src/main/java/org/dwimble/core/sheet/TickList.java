package org.dwimble.core.sheet;

import java.util.ArrayList;
import java.util.List;
import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.told.Told;

/** Lines to tick while a sheet is pointed at: a number, what is asked for, and a box for each of a few answers. */
public final class TickList {
    private static final Length EDGE = Length.mm(15);
    private static final Length HEAD = Length.points(12);
    private static final Length TYPE = Length.points(10);
    private static final Length LINE = Length.mm(8);
    private static final Length BOX = Length.mm(4.5);
    private static final Length ANSWER = Length.mm(32);
    private static final Length ABOVE = Length.mm(24);

    private TickList() {
    }

    /**
     * On as many pages standing up as it takes.
     *
     * @param answers what may be ticked, at most three
     * @param footer  who and what it is of
     */
    public static List<Page> lay(String title, List<String> lines, List<String> answers, Paper paper, String footer, Type type) {
        Length width = paper.width(false);
        Length height = paper.height(false);
        int fit = (int) ((height.mm() - EDGE.times(2).mm() - ABOVE.mm() - Foot.ROOM.mm()) / LINE.mm());
        List<Page> pages = new ArrayList<>();
        for (int from = 0; from < lines.size(); from += fit) {
            List<Mark> marks = new ArrayList<>(Foot.of(footer, width, height, EDGE, type));
            marks.add(new Mark.Writing(EDGE, EDGE.plus(HEAD), HEAD, title, false, false, false));
            Length first = width.minus(EDGE).minus(ANSWER.times(answers.size()));
            for (int a = 0; a < answers.size(); a++) {
                marks.add(new Mark.Writing(first.plus(ANSWER.times(a)), EDGE.plus(ABOVE).minus(Length.mm(4)), TYPE, answers.get(a), false, true, false));
            }
            for (int i = from; i < Math.min(lines.size(), from + fit); i++) {
                Length base = EDGE.plus(ABOVE).plus(LINE.times(i - from + 0.6));
                marks.add(new Mark.Writing(EDGE, base, TYPE, type.said(Told.of("numbered-line", "number", i + 1, "text", lines.get(i))), false, false, false));
                for (int a = 0; a < answers.size(); a++) {
                    marks.add(new Mark.Card(new Rect(first.plus(ANSWER.times(a)), base.minus(Length.mm(3.6)), BOX, BOX), Length.ZERO, null, null,
                        Length.ZERO));
                }
            }
            pages.add(new Page(width, height, marks, List.of()));
        }
        return pages;
    }
}
