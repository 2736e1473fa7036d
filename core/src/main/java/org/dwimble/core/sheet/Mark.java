package org.dwimble.core.sheet;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import java.util.stream.Stream;
import org.dwimble.core.look.Colour;
import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;
import org.jspecify.annotations.Nullable;

/** One thing drawn on a page. Later marks lie over earlier ones and are read after them. Colours are names that painters know. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Mark.Card.class, name = "card"),
    @JsonSubTypes.Type(value = Mark.Line.class, name = "line"),
    @JsonSubTypes.Type(value = Mark.Picture.class, name = "picture"),
    @JsonSubTypes.Type(value = Mark.Writing.class, name = "writing"),
    @JsonSubTypes.Type(value = Mark.Shape.class, name = "shape"),
    @JsonSubTypes.Type(value = Mark.Stroke.class, name = "stroke"),
    @JsonSubTypes.Type(value = Mark.Outlined.class, name = "outlined"),
    @JsonSubTypes.Type(value = Mark.Within.class, name = "within")
})
public sealed interface Mark {

    /** A card with rounded corners; null for white, and for the usual thin outline. @param edge zero for that too */
    record Card(Rect rect, Length radius, @Nullable Colour fill, @Nullable Colour border, Length edge) implements Mark {
    }

    /** A straight line. Cut lines are dashed. */
    record Line(Length x1, Length y1, Length x2, Length y2, boolean dashed) implements Mark {
    }

    /**
     * A picture fitted into a square or other rectangle, keeping its proportions, in the middle.
     * @param told what it shows, for who cannot see it; null if words beside it say so
     */
    record Picture(Rect rect, String picture, @Nullable String told) implements Mark {
        public Picture(Rect rect, String picture) {
            this(rect, picture, null);
        }
    }

    /** One line of text. {@code y} is the baseline; {@code x} its middle if centred, else its start. */
    record Writing(Length x, Length y, Length size, String text, boolean centred, boolean faint, boolean onDark) implements Mark {
    }

    /**
     * One line of text in a script whose letters join, turn or are many, as outlines; a painter makes these of {@link Writing} where it must.
     *
     * @param at    the whole of the line, from the top of the letters to below the baseline
     * @param path  in whole micrometres on the page, in the commands of SVG 1.1 (M, L, Q, C, Z, absolute); filled by the non-zero rule
     * @param text  to be read and copied
     */
    record Outlined(Rect at, String path, String text, boolean faint, boolean onDark) implements Mark {
    }

    /** A filled polygon: the mark of a kind. */
    record Shape(List<Point> points, String kind) implements Mark {
        public Shape {
            points = List.copyOf(points);
        }
    }

    /** A line from point to point with round ends. @param closed back to the first */
    record Stroke(List<Point> points, Colour colour, Length width, boolean closed) implements Mark {
        public Stroke {
            points = List.copyOf(points);
        }
    }

    /** What is seen of some marks through a window; the rest of them is cut off. None of them is a window itself. */
    record Within(Rect window, List<Mark> marks) implements Mark {
        public Within {
            marks = List.copyOf(marks);
        }
    }

    /** With those in windows in place of the windows. */
    static Stream<Mark> all(List<Mark> marks) {
        return marks.stream().flatMap(m -> m instanceof Within within ? within.marks.stream() : Stream.of(m));
    }

    record Point(Length x, Length y) {
    }
}
