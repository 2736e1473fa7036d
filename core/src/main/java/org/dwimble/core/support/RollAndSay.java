package org.dwimble.core.support;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.dwimble.core.look.Colour;
import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.sheet.Canvas;
import org.dwimble.core.sheet.Frame;
import org.dwimble.core.sheet.Mark;

/**
 * Roll a die, say a word of its row: a sheet for each player, no two alike, every word as often as every other or once more.
 *
 * @param players how many sheets
 * @param columns words in a row
 * @param number  the number it is dealt by; the same gives the same sheets
 */
@JsonTypeName("roll-and-say")
public record RollAndSay(int players, int columns, int number) implements Support {
    private static final int FACES = 6;
    private static final Length SMALL = Length.points(7);
    private static final Length GAP = Length.mm(3);
    private static final double[][] PIPS = {{0.5, 0.5}, {0.25, 0.25, 0.75, 0.75}, {0.25, 0.25, 0.5, 0.5, 0.75, 0.75},
        {0.25, 0.25, 0.75, 0.25, 0.25, 0.75, 0.75, 0.75}, {0.25, 0.25, 0.75, 0.25, 0.5, 0.5, 0.25, 0.75, 0.75, 0.75},
        {0.25, 0.2, 0.25, 0.5, 0.25, 0.8, 0.75, 0.2, 0.75, 0.5, 0.75, 0.8}};
    public static final RollAndSay USUAL = new RollAndSay(1, 2, 1);

    public RollAndSay {
        Bounds.within("players", players, 1, 40);
        Bounds.within("columns", columns, 1, 6);
        Bounds.within("number", number, 0, Integer.MAX_VALUE);
    }

    @Override
    public Drawn on(Frame frame, Material of) {
        List<Printed> words = of.words().stream().distinct().toList();
        List<int[]> hands = words.isEmpty() ? List.of(new int[0]) : Dealt.hands(words.size(), players, FACES * columns, new Random(number));
        Rect room = new Rect(frame.room().x(), frame.room().y(), frame.room().width(), frame.room().height().minus(SMALL.times(1.6)));
        Length die = Length.smaller(room.height().part(FACES).minus(GAP), room.width().times(0.2));
        Rect right = new Rect(room.x().plus(die).plus(GAP), room.y(), room.width().minus(die).minus(GAP), room.height());
        Cells cells = Cells.filling(right, FACES, columns, GAP);
        Face face = Face.of(words, w -> cells.at(0), of.page(), new Canvas(of.type()));
        Sheets sheets = new Sheets();
        for (int[] hand : hands) {
            Canvas canvas = new Canvas(of.type());
            for (int row = 0; row < FACES; row++) {
                Rect beside = cells.at(row, 0);
                die(row, new Rect(room.x(), beside.y().plus(beside.height().minus(die).times(0.5)), die, die), canvas);
            }
            for (int i = 0; i < cells.count(); i++) {
                canvas.card(cells.at(i), Length.mm(3), null);
                if (i < hand.length) {
                    face.draw(words.get(hand[i]), cells.at(i), canvas);
                }
            }
            canvas.line("game " + number, room.x(), frame.room().bottom(), SMALL, true);
            sheets.add(canvas);
        }
        return sheets.drawn(Length.smaller(cells.width(), cells.height()).mm());
    }

    private static void die(int face, Rect square, Canvas canvas) {
        canvas.card(square, square.width().times(0.18), null);
        double[] pips = PIPS[face];
        List<Mark> marks = new ArrayList<>();
        for (int i = 0; i < pips.length; i += 2) {
            Length radius = square.width().times(0.08);
            Length x = square.x().plus(square.width().times(pips[i]));
            Length y = square.y().plus(square.height().times(pips[i + 1]));
            marks.add(new Mark.Card(new Rect(x.minus(radius), y.minus(radius), radius.times(2), radius.times(2)), radius, Colour.INK, Colour.INK, Length.ZERO));
        }
        canvas.marks().addAll(marks);
    }
}
