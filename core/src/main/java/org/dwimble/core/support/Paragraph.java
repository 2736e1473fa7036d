package org.dwimble.core.support;

import java.util.ArrayList;
import java.util.List;
import org.dwimble.core.measure.Length;
import org.dwimble.core.sheet.Type;

/** Running text broken into lines between words; a word wider than a line has one of its own. */
final class Paragraph {
    private Paragraph() {
    }

    /** @param width of a line */
    static List<String> lines(String text, Length width, Length size, Type type) {
        List<String> lines = new ArrayList<>();
        String line = "";
        for (String word : text.split(" ")) {
            String longer = line.isEmpty() ? word : line + " " + word;
            if (line.isEmpty() || type.width(longer, size).compareTo(width) <= 0) {
                line = longer;
            } else {
                lines.add(line);
                line = word;
            }
        }
        if (!line.isEmpty()) {
            lines.add(line);
        }
        return lines;
    }

    /** The largest size, in steps of half a point, at which a text fits; the smallest if none does. @param line from line to line, in ems */
    static Length fitting(String text, Length width, Length height, Length largest, Length smallest, double line, Type type) {
        for (Length size = largest; size.compareTo(smallest) > 0; size = size.minus(Length.points(0.5))) {
            List<String> lines = lines(text, width, size, type);
            Length at = size;
            if (size.times(line * lines.size()).compareTo(height) <= 0 && lines.stream().allMatch(l -> type.width(l, at).compareTo(width) <= 0)) {
                return size;
            }
        }
        return smallest;
    }
}
