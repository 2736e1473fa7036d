package org.dwimble.core.look;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.Collection;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * How a button, the buttons of a board, or all of a vocabulary look. What is null is as the level above has it: a button asks
 * its board, a board its vocabulary, a vocabulary {@link #USUAL}.
 *
 * @param fill       the paper
 * @param border     the colour of its edge
 * @param edge       how thick that is, in percent of the button's shorter side: 0 to {@value #MOST_EDGE}
 * @param label      where the label stands
 * @param picture    the picture's share of the room in the direction of the label, in percent: {@value #LEAST_PICTURE} to {@value #MOST_PICTURE}
 * @param corner     how round, in percent of the shorter side: 0 square to {@value #MOST_CORNER} half round
 * @param type       how large the labels are
 * @param gap        between cells, in thousandths of the screen's width: 0 to {@value #MOST_GAP}
 * @param background of the board
 * @param byKind     true if what has no paper of its own takes that of its kind
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record Look(@Nullable Colour fill, @Nullable Colour border, @Nullable Integer edge, @Nullable LabelPlace label, @Nullable Integer picture,
    @Nullable Integer corner, @Nullable TypeSize type, @Nullable Integer gap, @Nullable Colour background, @Nullable Boolean byKind) {
    public static final int MOST_EDGE = 12;
    public static final int LEAST_PICTURE = 30;
    public static final int MOST_PICTURE = 90;
    public static final int MOST_CORNER = 50;
    public static final int MOST_GAP = 200;
    /** Nothing said: as the level above. */
    public static final Look PLAIN = new Look(null, null, null, null, null, null, null, null, null, null);
    /** What holds where nobody said anything. Fill, border and background are left to whoever draws: white card, thin line, mat. */
    public static final Look USUAL = new Look(null, null, null, LabelPlace.BELOW, 70, 8, TypeSize.EACH, 9, null, false);

    public Look {
        bounded("edge", edge, 0, MOST_EDGE);
        bounded("picture", picture, LEAST_PICTURE, MOST_PICTURE);
        bounded("corner", corner, 0, MOST_CORNER);
        bounded("gap", gap, 0, MOST_GAP);
    }

    private static void bounded(String what, @Nullable Integer value, int least, int most) {
        if (value != null && (value < least || value > most)) {
            throw new Unacceptable("look-bounds", "what", what, "least", least, "most", most, "has", value);
        }
    }

    public static Look paper(ColouredPaper paper) {
        return PLAIN.withFill(paper.colour());
    }

    public Look withFill(@Nullable Colour fill) {
        return new Look(fill, border, edge, label, picture, corner, type, gap, background, byKind);
    }

    public Look withBackground(@Nullable Colour background) {
        return new Look(fill, border, edge, label, picture, corner, type, gap, background, byKind);
    }

    public Look withGap(@Nullable Integer gap) {
        return new Look(fill, border, edge, label, picture, corner, type, gap, background, byKind);
    }

    public Look withBorder(@Nullable Colour border) {
        return new Look(fill, border, edge, label, picture, corner, type, gap, background, byKind);
    }

    /** This one, and where it says nothing the other. */
    public Look over(Look beneath) {
        return new Look(or(fill, beneath.fill), or(border, beneath.border), or(edge, beneath.edge), or(label, beneath.label), or(picture, beneath.picture),
            or(corner, beneath.corner), or(type, beneath.type), or(gap, beneath.gap), or(background, beneath.background), or(byKind, beneath.byKind));
    }

    private static <T> @Nullable T or(@Nullable T one, @Nullable T other) {
        return one == null ? other : one;
    }

    /** Without what it says of some aspects. */
    public Look without(Collection<Aspect> aspects) {
        return new Look(keep(aspects, Aspect.FILL, fill), keep(aspects, Aspect.BORDER, border), keep(aspects, Aspect.EDGE, edge),
            keep(aspects, Aspect.LABEL, label), keep(aspects, Aspect.PICTURE, picture), keep(aspects, Aspect.CORNER, corner),
            keep(aspects, Aspect.TYPE, type), keep(aspects, Aspect.GAP, gap), keep(aspects, Aspect.BACKGROUND, background),
            keep(aspects, Aspect.BY_KIND, byKind));
    }

    private static <T> @Nullable T keep(Collection<Aspect> gone, Aspect aspect, @Nullable T value) {
        return gone.contains(aspect) ? null : value;
    }

    /** True if it says something only a board can have. */
    @JsonIgnore
    public boolean ofABoard() {
        return type != null || gap != null || background != null || byKind != null;
    }

    /**
     * How a button is seen.
     *
     * @param whole  of the vocabulary, {@code board} of its board, {@code button} its own
     * @param ofKind the paper of its kind; null if it has none
     */
    public static Look seen(Look whole, Look board, Look button, @Nullable Colour ofKind) {
        Look around = board.over(whole).over(USUAL);
        Look own = Boolean.TRUE.equals(around.byKind) && ofKind != null && button.fill == null ? button.withFill(ofKind) : button;
        return own.over(around);
    }
}
