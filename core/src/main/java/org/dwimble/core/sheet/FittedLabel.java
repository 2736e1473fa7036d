package org.dwimble.core.sheet;

import java.util.ArrayList;
import java.util.List;
import org.dwimble.core.text.Text;
import org.dwimble.core.measure.Length;

/**
 * A label set as large as its room allows: on one line or two, never smaller than can be read. Words are not
 * broken while a smaller size would save them.
 *
 * @param lines one or two, or none for an empty label
 * @param whole false if the label had to be cut short even at the smallest size
 */
public record FittedLabel(List<String> lines, Length size, boolean whole) {
    /** Six points, the smallest print a label gets. */
    public static final Length SMALLEST = Length.points(6);
    /** Baseline to baseline, in ems: the letters are tall. */
    public static final double LINE = 1.25;
    private static final double STEP = 0.95;

    /** @param largest the size to begin with; tried in steps of 5 percent down to {@link #SMALLEST} */
    public static FittedLabel fit(String label, Length width, Length height, Length largest, Type type) {
        if (label.isEmpty()) {
            return new FittedLabel(List.of(), largest, true);
        }
        Length size = largest;
        while (true) {
            boolean smallest = size.compareTo(SMALLEST) <= 0;
            int most = size.times(2 * LINE).compareTo(height) <= 0 ? 2 : 1;
            List<String> lines = wrap(label, width, size, most, type);
            if (!lines.isEmpty() && (smallest || size.times(LINE * lines.size()).compareTo(height) <= 0)) {
                return new FittedLabel(lines, size, true);
            }
            if (smallest) {
                return cut(label, width, size, type);
            }
            size = size.times(STEP);
            if (size.compareTo(SMALLEST) < 0) {
                size = SMALLEST;
            }
        }
    }

    /** On one line if it fits, else parted at the space that makes the longer line shortest; empty if neither fits. */
    private static List<String> wrap(String label, Length width, Length size, int most, Type type) {
        if (type.width(label, size).compareTo(width) <= 0) {
            return List.of(label);
        }
        List<String> best = List.of();
        Length bestWidth = width;
        for (int space = most == 2 ? label.indexOf(' ') : -1; space >= 0; space = label.indexOf(' ', space + 1)) {
            String first = label.substring(0, space);
            String second = label.substring(space + 1);
            Length longer = type.width(first, size).compareTo(type.width(second, size)) > 0 ? type.width(first, size) : type.width(second, size);
            if (longer.compareTo(bestWidth) <= 0) {
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
