package org.dwimble.core.support;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import java.util.Random;
import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.sheet.Canvas;
import org.dwimble.core.sheet.Frame;
import org.dwimble.core.told.Unacceptable;

/**
 * Dominoes: each with two different words, no two alike, every word as often as every other or as near to it as can be.
 *
 * @param players how many play
 * @param each    how many dominoes a player has
 * @param side    of each half
 * @param number  the number they are dealt by; the same gives the same dominoes
 */
@JsonTypeName("dominoes")
public record Dominoes(int players, int each, Length side, int number) implements Support {
    private static final Length GAP = Length.mm(5);
    private static final Length SMALL = Length.points(6);
    public static final Dominoes USUAL = new Dominoes(2, 6, Length.mm(40), 1);

    public Dominoes {
        Unacceptable.ifMissing(side);
        Bounds.within("players", players, 1, 12);
        Bounds.within("dominoes", each, 1, 20);
        Bounds.card(side);
        Bounds.within("number", number, 0, Integer.MAX_VALUE);
    }

    @Override
    public Drawn on(Frame frame, Material of) {
        List<Printed> words = of.words().stream().distinct().toList();
        List<int[]> pairs = words.isEmpty() ? List.of(new int[0]) : Dealt.pairs(words.size(), players * each, new Random(number));
        Rect room = frame.room();
        Cells cells = new Cells(room, Cells.fitting(room.height(), side, GAP), Cells.fitting(room.width(), side.times(2), GAP), side.times(2), side, GAP);
        if (cells.count() == 0) {
            throw new Unacceptable("card-too-large", "width", (int) side.mm() * 2, "height", (int) side.mm(), "most",
                (int) Length.smaller(room.width().times(0.5), room.height()).mm());
        }
        Face face = Face.of(words, w -> new Rect(Length.ZERO, Length.ZERO, side, side), of.page(), new Canvas(of.type()));
        Sheets sheets = new Sheets();
        for (int first = 0; first < pairs.size(); first += cells.count()) {
            Canvas canvas = new Canvas(of.type());
            for (int i = first; i < Math.min(pairs.size(), first + cells.count()); i++) {
                Rect domino = cells.at(i - first);
                canvas.card(domino, Length.mm(3), null);
                Length middle = domino.x().plus(side);
                canvas.line(middle, domino.y().plus(side.times(0.08)), middle, domino.bottom().minus(side.times(0.08)), false);
                for (int half = 0; half < pairs.get(i).length; half++) {
                    face.draw(words.get(pairs.get(i)[half]), new Rect(domino.x().plus(side.times(half)), domino.y(), side, side), canvas);
                }
            }
            canvas.line("game " + number, room.x(), room.bottom(), SMALL, true);
            sheets.add(canvas);
        }
        return sheets.drawn(cells.count());
    }
}
