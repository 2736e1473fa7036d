package org.dwimble.core.sheet;

import java.util.ArrayList;
import java.util.List;
import org.dwimble.core.measure.Length;
import org.dwimble.core.text.Text;

/**
 * A label set as large as its room allows: on one line or two, never smaller than can be read. It is parted between words only.
 *
 * @param lines one or two, or none for an empty label
 * @param whole false if the label had to be cut short even at the smallest size
 */
public record FittedLabel(List<String> lines, Length size, boolean whole) {
    /** Six points, the smallest print a label gets. */
    public static final Length SMALLEST = Length.points(6);
    /** Baseline to baseline, in ems: the letters are tall. */
    public static final double LINE = 1.25;
    /** Widths are measured at this size; letters grow in proportion. */
    private static final Length MEASURED = Length.mm(10);
    /** Against rounding to whole micrometres, so that what fits by the sum fits when measured again. */
    private static final double SURE = 0.999;

    /** @param largest it never grows beyond that */
    public static FittedLabel fit(String label, Length width, Length height, Length largest, Type type) {
        return fit(label, width, height, largest, 2, type);
    }

    /** As above. @param most lines */
    public static FittedLabel fit(String label, Length width, Length height, Length largest, int most, Type type) {
        if (label.isEmpty()) {
            return new FittedLabel(List.of(), largest, true);
        }
        Effort.label();
        List<String> one = List.of(label);
        Length size = Length.smaller(largest, fits(one, width, height, type));
        List<String> lines = one;
        List<String> two = most < 2 ? List.of() : parted(label, type);
        if (!two.isEmpty()) {
            Length parted = Length.smaller(largest, fits(two, width, height, type));
            if (parted.compareTo(size) > 0) {
                size = parted;
                lines = two;
            }
        }
        if (size.compareTo(SMALLEST) >= 0) {
            return new FittedLabel(lines, size, true);
        }
        boolean asIs = type.width(label, SMALLEST).compareTo(width) <= 0;
        return asIs ? new FittedLabel(one, SMALLEST, true) : cut(label, width, SMALLEST, type);
    }

    /** The largest size at which some lines fit. */
    private static Length fits(List<String> lines, Length width, Length height, Type type) {
        Length widest = lines.stream().map(line -> type.width(line, MEASURED)).reduce(Length.ZERO, (a, b) -> a.compareTo(b) > 0 ? a : b);
        Length byHeight = height.times(1 / (LINE * lines.size()));
        return widest.micrometres() == 0 ? byHeight : Length.smaller(byHeight, MEASURED.times(SURE * width.dividedBy(widest)));
    }

    /** Parted at the space that makes the longer line shortest, the first of equals; empty if there is no space. */
    private static List<String> parted(String label, Type type) {
        List<String> best = List.of();
        Length bestWidth = Length.ZERO;
        for (int space = label.indexOf(' '); space >= 0; space = label.indexOf(' ', space + 1)) {
            String first = label.substring(0, space);
            String second = label.substring(space + 1);
            Length one = type.width(first, MEASURED);
            Length other = type.width(second, MEASURED);
            Length longer = one.compareTo(other) > 0 ? one : other;
            if (best.isEmpty() || longer.compareTo(bestWidth) < 0) {
                bestWidth = longer;
                best = List.of(first, second);
            }
        }
        return best;
    }

    private static FittedLabel cut(String label, Length width, Length size, Type type) {
        List<String> lines = new ArrayList<>();
        int length = Text.length(label);
        for (int n = length - 1; n > 0; n--) {
            String shorter = Text.cut(label, n).trim() + "…";
            if (type.width(shorter, size).compareTo(width) <= 0) {
                lines.add(shorter);
                break;
            }
        }
        return new FittedLabel(lines, size, false);
    }
}
