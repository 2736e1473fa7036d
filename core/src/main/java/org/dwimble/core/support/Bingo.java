package org.dwimble.core.support;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import java.util.Random;
import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.sheet.Canvas;
import org.dwimble.core.sheet.Frame;
import org.dwimble.core.told.Told;

/**
 * Bingo: a card for each player, no two with the same words, and the list for who calls.
 *
 * @param players how many cards
 * @param free    true for a free cell in the middle, where there is one
 * @param onSheet cards a sheet: 1, 2 or 4
 * @param number  the number the game is dealt by; the same gives the same cards
 */
@JsonTypeName("bingo")
public record Bingo(int players, int rows, int columns, boolean free, int onSheet, int number) implements Support {
    private static final int MOST_PLAYERS = 60;
    private static final Length GAP = Length.mm(14);
    private static final Length SMALL = Length.points(7);
    public static final Bingo USUAL = new Bingo(4, 3, 3, false, 1, 1);

    public Bingo {
        Bounds.within("players", players, 1, MOST_PLAYERS);
        Bounds.within("rows", rows, 2, 6);
        Bounds.within("columns", columns, 2, 6);
        Bounds.within("cards", onSheet, 1, 4);
        Bounds.within("number", number, 0, Integer.MAX_VALUE);
    }

    private boolean middle() {
        return free && rows % 2 == 1 && columns % 2 == 1;
    }

    @Override
    public Drawn on(Frame frame, Material of) {
        List<Printed> words = of.words().stream().distinct().toList();
        int each = rows * columns - (middle() ? 1 : 0);
        List<int[]> hands = words.isEmpty() ? List.of(new int[0]) : Dealt.hands(words.size(), players, each, new Random(number));
        int across = onSheet == 1 || onSheet == 2 && !frame.lyingDown() ? 1 : 2;
        Cells places = Cells.filling(frame.room(), (onSheet + across - 1) / across, across, GAP);
        Sheets sheets = new Sheets();
        Face face = Face.of(words, w -> cells(places.at(0)).at(0), of.page(), new Canvas(of.type()));
        for (int first = 0; first < hands.size(); first += onSheet) {
            Canvas canvas = new Canvas(of.type());
            for (int i = first; i < Math.min(hands.size(), first + onSheet); i++) {
                card(hands.get(i), words, places.at(i - first), face, i, canvas);
            }
            sheets.add(canvas);
        }
        if (!words.isEmpty()) {
            caller(frame.room(), words, of, sheets);
        }
        return sheets.drawn(Length.smaller(cells(places.at(0)).width(), cells(places.at(0)).height()).mm());
    }

    private Cells cells(Rect place) {
        return Cells.filling(new Rect(place.x(), place.y(), place.width(), place.height().minus(SMALL.times(1.6))), rows, columns, Length.ZERO);
    }

    private void card(int[] hand, List<Printed> words, Rect place, Face face, int player, Canvas canvas) {
        Cells cells = cells(place);
        int next = 0;
        for (int cell = 0; cell < cells.count(); cell++) {
            canvas.card(cells.at(cell), Length.ZERO, null);
            if (middle() && cell == cells.count() / 2) {
                Rect square = cells.at(cell);
                canvas.circle(square.x().plus(square.width().times(0.5)), square.y().plus(square.height().times(0.5)),
                    Length.smaller(square.width(), square.height()).times(0.3), Pattern.GROUND);
            } else if (next < hand.length) {
                face.draw(words.get(hand[next++]), cells.at(cell), canvas);
            }
        }
        canvas.line(canvas.type().said(Told.of("paper-bingo-card", "game", String.valueOf(number), "card", player + 1)), place.x(), place.bottom(), SMALL,
            true);
    }

    /** Every word, to be called and ticked off. */
    private void caller(Rect room, List<Printed> words, Material of, Sheets sheets) {
        Rect below = Title.below(room, of.type().said(Told.of("paper-called")));
        int columns = 4;
        int rows = Math.max(6, (Math.min(words.size(), 40) + columns - 1) / columns);
        Cells cells = Cells.filling(below, rows, columns, Length.mm(2));
        for (List<Printed> some : Sheets.portions(words, cells.count())) {
            Canvas canvas = new Canvas(of.type());
            Title.draw(room, of.type().said(Told.of("paper-called")), canvas);
            Face face = Face.of(some, w -> cells.at(0), of.page(), canvas);
            for (int i = 0; i < some.size(); i++) {
                if (!some.get(i).nothing()) {
                    canvas.card(cells.at(i), Length.mm(1), null);
                    face.draw(some.get(i), cells.at(i), canvas);
                }
            }
            canvas.line("game " + number, room.x(), room.bottom(), SMALL, true);
            sheets.add(canvas);
        }
    }
}
