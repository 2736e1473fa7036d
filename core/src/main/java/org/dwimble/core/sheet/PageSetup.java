package org.dwimble.core.sheet;

import org.dwimble.core.look.LabelPlace;
import org.dwimble.core.look.Look;
import org.dwimble.core.look.TypeSize;
import org.dwimble.core.measure.Length;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * What supports are printed on, and how words are set on it.
 *
 * @param own    width and height of paper of one's own, standing up; null for {@code paper}
 * @param turn   which way the paper lies
 * @param margin what the printer cannot print on, on each side
 * @param labels where words stand to their pictures; null for as the student’s boards have it, with pictures as large as there
 * @param type   all words of a sheet as large as the longest allows, or each as large as fits
 * @param picture a picture's share of the room it has with its word, in percent; null for as usual
 */
public record PageSetup(Paper paper, @Nullable Size own, Turn turn, Length margin, @Nullable LabelPlace labels, TypeSize type,
    @Nullable Integer picture) {
    /** Most printers can print up to here. */
    public static final Length USUAL_MARGIN = Length.mm(9);
    private static final Length LEAST = Length.mm(50);
    private static final Length MOST = Length.mm(1500);
    private static final Length MOST_MARGIN = Length.mm(60);
    public static final PageSetup USUAL = new PageSetup(Paper.A4, null, Turn.BEST, USUAL_MARGIN, null, TypeSize.EQUAL, null);

    /** Lying as needs fewer sheets, or as somebody wants it. */
    public enum Turn {
        BEST, UPRIGHT, LYING
    }

    /** Paper of one's own. */
    public record Size(Length width, Length height) {
        public Size {
            Unacceptable.ifMissing(width, height);
            within("paper-size", width);
            within("paper-size", height);
        }
    }

    public PageSetup {
        Unacceptable.ifMissing(paper, turn, margin, type);
        if (margin.micrometres() < 0 || margin.compareTo(MOST_MARGIN) > 0) {
            throw new Unacceptable("paper-margin", "most", (int) MOST_MARGIN.mm());
        }
        if (picture != null && (picture < Look.LEAST_PICTURE || picture > Look.MOST_PICTURE)) {
            throw new Unacceptable("look-bounds", "what", "picture", "least", Look.LEAST_PICTURE, "most", Look.MOST_PICTURE, "has", picture);
        }
    }

    /** The same on other paper. */
    public PageSetup withPaper(Paper paper) {
        return new PageSetup(paper, own, turn, margin, labels, type, picture);
    }

    /** The same with words standing elsewhere. */
    public PageSetup withLabels(LabelPlace labels) {
        return new PageSetup(paper, own, turn, margin, labels, type, picture);
    }

    /** Words and pictures as a student's boards have them, if nothing else is said. */
    public PageSetup as(Look boards) {
        Look seen = boards.over(Look.USUAL);
        return labels != null ? this : new PageSetup(paper, own, turn, margin, seen.label(), type, seen.picture());
    }

    public PageSetup(Paper paper, @Nullable Size own, Turn turn, Length margin, @Nullable LabelPlace labels, TypeSize type) {
        this(paper, own, turn, margin, labels, type, null);
    }

    private static void within(String key, Length side) {
        if (side.compareTo(LEAST) < 0 || side.compareTo(MOST) > 0) {
            throw new Unacceptable(key, "least", (int) LEAST.mm(), "most", (int) MOST.mm());
        }
    }

    public Length width(boolean lyingDown) {
        return own == null ? paper.width(lyingDown) : lyingDown ? longer(own) : shorter(own);
    }

    public Length height(boolean lyingDown) {
        return own == null ? paper.height(lyingDown) : lyingDown ? shorter(own) : longer(own);
    }

    private static Length longer(Size size) {
        return size.width.compareTo(size.height) > 0 ? size.width : size.height;
    }

    private static Length shorter(Size size) {
        return Length.smaller(size.width, size.height);
    }
}
