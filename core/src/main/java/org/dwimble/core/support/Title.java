package org.dwimble.core.support;

import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.sheet.Canvas;
import org.dwimble.core.text.Text;

/** A heading at the top of a room, and what it leaves. */
final class Title {
    private static final double SHARE = 0.09;
    private static final Length MOST = Length.mm(16);
    private static final double GAP = 0.25;
    private static final int LONGEST = 60;

    private Title() {
    }

    /** Tidied. @throws org.dwimble.core.told.Unacceptable if it is longer than a heading can be */
    static String checked(String title) {
        String tidy = Text.tidy(title);
        Text.atMost(LONGEST, "label", tidy);
        return tidy;
    }

    /** The room below a heading; all of it if there is no heading. */
    static Rect below(Rect room, String title) {
        if (title.isEmpty()) {
            return room;
        }
        Length taken = height(room).times(1 + GAP);
        return new Rect(room.x(), room.y().plus(taken), room.width(), room.height().minus(taken));
    }

    private static Length height(Rect room) {
        return Length.smaller(MOST, room.height().times(SHARE));
    }

    /** Draws it. @return the room below */
    static Rect draw(Rect room, String title, Canvas canvas) {
        if (!title.isEmpty()) {
            Length high = height(room);
            canvas.write(title, new Rect(room.x(), room.y(), room.width(), high), high.times(0.7), Canvas.Stand.MIDDLE, false);
        }
        return below(room, title);
    }
}
