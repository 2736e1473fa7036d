package org.dwimble.core.support;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import java.util.stream.Stream;
import org.dwimble.core.look.Colour;
import org.dwimble.core.look.ColouredPaper;
import org.dwimble.core.look.LabelPlace;
import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.sheet.Canvas;
import org.dwimble.core.sheet.Frame;
import org.dwimble.core.sheet.PageSetup;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * A scale to point at: the first word lowest, each step stronger than the one below it. It begins as strengths of one colour without
 * numbers; both are free to choose.
 *
 * @param steps   3 to 10; words beyond that begin another sheet, and steps without a word wait for one
 * @param heading what stands over it; may be empty
 * @param numbers true for a number beside each step; null, as in lists of before this could be chosen, for that too
 * @param colour  the name of the paper whose strengths it has, empty for none; null, as in lists of before, for three colours one after another
 */
@JsonTypeName("feelings-scale")
public record FeelingsScale(int steps, String heading, @Nullable Boolean numbers, @Nullable String colour) implements Support {
    private static final Length GAP = Length.mm(2);
    /** As it was before a colour could be chosen; what lies between is mixed of both by way of the middle. */
    private static final Colour LOW = Colour.of("#b5e6ee");
    private static final Colour MIDDLE = Colour.of("#ffeda6");
    private static final Colour HIGH = Colour.of("#f4b3a1");
    private static final Colour INK = Colour.of("#1f2a44");
    /** So much white in the lowest step, and so much ink in the highest: ink on it still reads well. */
    private static final double PALE = 0.65;
    private static final double DEEP = 0.25;
    public static final FeelingsScale USUAL = new FeelingsScale(4, "How strong is it?", false, "tide");

    public FeelingsScale {
        Bounds.within("steps", steps, 3, 10);
        heading = Title.checked(heading);
        if (colour != null && !colour.isEmpty()) {
            paper(colour);
        }
    }

    private static Colour paper(String name) {
        return Stream.of(ColouredPaper.values()).filter(p -> p.paper().equals(name)).map(ColouredPaper::colour).findFirst()
            .orElseThrow(() -> new Unacceptable("no-such-paper", "paper", Text.cut(name, 20)));
    }

    @Override
    public Drawn on(Frame frame, Material of) {
        Cells rows = Cells.filling(Title.below(frame.room(), heading), steps, 1, GAP);
        PageSetup beside = of.page().withLabels(of.page().labels() == LabelPlace.NONE ? LabelPlace.NONE : LabelPlace.BESIDE);
        Sheets sheets = new Sheets();
        for (List<Printed> some : Sheets.portions(of.words(), steps)) {
            Canvas canvas = new Canvas(of.type());
            Title.draw(frame.room(), heading, canvas);
            Face face = Face.of(some, w -> word(rows.at(0)), beside, canvas);
            for (int step = 0; step < steps; step++) {
                Rect row = rows.at(steps - 1 - step);
                canvas.card(row, Length.mm(3), strength(step));
                if (numbered()) {
                    Rect number = new Rect(row.x(), row.y(), row.width().times(0.12), row.height());
                    canvas.write(String.valueOf(step + 1), number.inset(number.width().times(0.1)), row.height().times(0.5), Canvas.Stand.MIDDLE, false);
                }
                face.draw(some.get(step), word(row), canvas);
            }
            sheets.add(canvas);
        }
        return sheets.drawn(rows.height().mm());
    }

    private boolean numbered() {
        return numbers == null || numbers;
    }

    private Rect word(Rect row) {
        return !numbered() ? row : new Rect(row.x().plus(row.width().times(0.12)), row.y(), row.width().times(0.88), row.height());
    }

    private @Nullable Colour strength(int step) {
        double share = step / (double) (steps - 1);
        if (colour != null) {
            double strong = share * (PALE + DEEP) - PALE;
            return colour.isEmpty() ? null : strong < 0 ? mixed(paper(colour), Colour.WHITE, -strong) : mixed(paper(colour), INK, strong);
        }
        return share < 0.5 ? mixed(LOW, MIDDLE, share * 2) : mixed(MIDDLE, HIGH, share * 2 - 1);
    }

    private static Colour mixed(Colour one, Colour other, double share) {
        return new Colour(part(one.red(), other.red(), share), part(one.green(), other.green(), share), part(one.blue(), other.blue(), share), 255);
    }

    private static int part(int one, int other, double share) {
        return (int) Math.round(one + (other - one) * share);
    }
}
