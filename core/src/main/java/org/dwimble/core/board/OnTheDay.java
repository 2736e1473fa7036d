package org.dwimble.core.board;

import java.util.Map;
import org.dwimble.core.dayword.DaySaid;
import org.dwimble.core.dayword.DayWord;
import org.dwimble.core.look.Colour;
import org.dwimble.core.look.Look;
import org.dwimble.core.voice.HowSaid;

/**
 * Buttons as they are shown on some day: those that say a day word have its label, speech and, without a picture of their own, its picture; today in a
 * week has a broad edge. A recording, or how a word is spoken, is of another day and not heard. The browser follows the same rule, on the same cases.
 */
public final class OnTheDay {
    /** Around today in a week, in percent of the shorter side. */
    private static final int EDGE = 9;

    private OnTheDay() {
    }

    /** @param words as they are then; where one is missing, the button stays as it is */
    public static Button shown(Button button, Map<DayWord, DaySaid> words) {
        DaySaid said = button.says() instanceof Says.OfDay ofDay ? words.get(ofDay.day()) : null;
        if (said == null) {
            return button;
        }
        Face face = button.face();
        Look look = button.look();
        Look marked = new Look(look.fill(), Colour.INK, EDGE, look.label(), look.picture(), look.corner(), null, null, null, null);
        return button.withShown(said.marked() ? button.shown().withLook(marked) : button.shown())
            .withFace(new Face(said.label(), face.layers().isEmpty() ? Layer.only(said.picture()) : face.layers(), face.kind()))
            .withActs(button.acts().withSays(new Says.Words(said.spoken())).withSound(null)
                .withHow(new HowSaid(button.how().manner(), button.how().when(), null)));
    }

    public static Board shown(Board board, Map<DayWord, DaySaid> words) {
        return isOn(board) ? board.withButtons(board.buttons().stream().map(b -> shown(b, words)).toList()) : board;
    }

    /** Whether anything on it depends on the day. */
    public static boolean isOn(Board board) {
        return board.buttons().stream().anyMatch(b -> b.says() instanceof Says.OfDay);
    }
}
