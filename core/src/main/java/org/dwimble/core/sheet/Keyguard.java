package org.dwimble.core.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Whole;
import org.dwimble.core.look.Colour;
import org.dwimble.core.look.ColouredPaper;
import org.dwimble.core.look.Look;
import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.screen.TalkLayout;
import org.dwimble.core.told.Told;
import org.jspecify.annotations.Nullable;

/**
 * A pattern for a plate that lies on the student's screen, with an opening over every button that is shown and over the message, so
 * that a hand can rest on it: always at true size, over several sheets where one is too small.
 */
public final class Keyguard {
    private static final Length CORNER = Length.mm(3);
    private static final Length LABEL = Length.points(8);

    private Keyguard() {
    }

    /** @param of of the vocabulary's whole, whose look the board has @param footer printed small at the foot */
    public static List<Page> lay(Board board, Whole of, Predicate<Button> shown, BoardSheet.Setup setup, String footer, Type type) {
        Rect room = BoardSheet.room(setup, Length.ZERO);
        Poster poster = new Poster(room, setup.screen().width(), setup.screen().height());
        List<Poster.Tile> tiles = poster.tiles((x, y, window) -> plate(board, of, shown, setup, new Place(x, y, window), type));
        Length width = setup.paper().width(setup.lyingDown());
        Length height = setup.paper().height(setup.lyingDown());
        List<Told> notes = tiles.size() == 1 ? List.of() : List.of(Told.of("keyguard-over-several-sheets", "sheets", tiles.size()));
        List<Page> pages = new ArrayList<>();
        for (Poster.Tile tile : tiles) {
            List<Mark> marks = new ArrayList<>(tile.marks());
            marks.addAll(Foot.of(poster.foot(tile, type) + footer, width, height, BoardSheet.EDGE, type));
            pages.add(new Page(width, height, marks, notes));
        }
        return pages;
    }

    /** Where its top left corner is. @param window what is seen of it; null for all */
    private record Place(Length x, Length y, @Nullable Rect window) {
    }

    private static List<Mark> plate(Board board, Whole of, Predicate<Button> shown, BoardSheet.Setup setup, Place place, Type type) {
        Look around = board.look().over(of.look()).over(Look.USUAL);
        TalkLayout layout = TalkLayout.of(setup.screen(), board.shape(), around);
        Length width = setup.screen().width();
        Length margin = width.times(TalkLayout.MARGIN);
        Length message = setup.screen().height().times(TalkLayout.MESSAGE);
        Length x = place.x;
        Length y = place.y;
        Length top = y.plus(margin).plus(message).plus(layout.gapLength());
        Colour plate = setup.ink() == BoardSheet.Ink.FULL ? ColouredPaper.OAT.colour() : null;
        Canvas canvas = new Canvas(type);
        canvas.card(new Rect(x, y, width, setup.screen().height()), CORNER, plate);
        opening(new Rect(x.plus(margin), y.plus(margin), layout.gridWidth(), message), "message", canvas);
        for (Button button : board.buttons()) {
            if (shown.test(button)) {
                Rect at = layout.of(button.cell(), button.span());
                Rect cell = new Rect(x.plus(margin).plus(at.x()), top.plus(at.y()), at.width(), at.height());
                if (place.window == null || BoardSheet.meets(cell, place.window)) {
                    opening(cell, button.label(), canvas);
                }
            }
        }
        return canvas.marks();
    }

    private static void opening(Rect rect, String label, Canvas canvas) {
        canvas.card(rect, Length.smaller(CORNER, Length.smaller(rect.width(), rect.height()).times(0.15)), null);
        canvas.write(label, rect.inset(Length.mm(1)), LABEL, Canvas.Stand.MIDDLE, false);
    }
}
