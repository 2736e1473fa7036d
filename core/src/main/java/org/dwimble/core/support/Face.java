package org.dwimble.core.support;

import java.util.Collection;
import java.util.function.Function;
import org.dwimble.core.look.Colour;
import org.dwimble.core.look.LabelPlace;
import org.dwimble.core.look.TypeSize;
import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.sheet.Canvas;
import org.dwimble.core.sheet.PageSetup;

/**
 * How a word lies in its rectangle: picture and label, as the page has it. The labels of a sheet are as large as the longest allows, or
 * each as large as fits.
 *
 * @param largest no label grows beyond that
 */
record Face(PageSetup page, Length largest) {
    /** The picture's share of the height, or of the width with the label beside it. */
    private static final double PICTURE = 0.72;
    private static final double PICTURE_OF_TWO = 0.6;
    private static final double RIM = 0.06;
    /** A label’s share of the height it has at most. */
    private static final double LABEL = 0.2;
    private static final double ALONE = 0.3;

    /** For some words, each in a rectangle that {@code rooms} knows. */
    static Face of(Collection<Printed> words, Function<Printed, Rect> rooms, PageSetup page, Canvas canvas) {
        Face free = new Face(page, Length.mm(1000));
        if (page.type() == TypeSize.EACH || page.labels() == LabelPlace.NONE) {
            return free;
        }
        return new Face(page, words.stream().distinct().filter(w -> !w.text().isEmpty()).map(w -> free.size(w, rooms.apply(w), canvas))
            .reduce(free.largest, Length::smaller));
    }

    private Length size(Printed word, Rect room, Canvas canvas) {
        Rooms rooms = rooms(word, room.inset(rim(room)));
        Length size = canvas.fits(word.text(), rooms.label, rooms.largest);
        return word.second() == null ? size : Length.smaller(size, canvas.fits(word.second(), rooms.second, rooms.largest));
    }

    /** @param second may be without height */
    private record Rooms(Rect picture, Rect label, Rect second, Length largest) {
    }

    private static Length rim(Rect room) {
        return Length.smaller(room.width(), room.height()).times(RIM);
    }

    private Rooms rooms(Printed word, Rect inner) {
        boolean two = word.second() != null;
        boolean alone = word.pictures().isEmpty();
        boolean wordless = word.text().isEmpty() || page.labels() == LabelPlace.NONE && !alone;
        Rect none = new Rect(inner.x(), inner.y(), inner.width(), Length.ZERO);
        Length largest = inner.height().times(alone ? ALONE : LABEL);
        if (wordless) {
            return new Rooms(inner, none, none, largest);
        }
        if (alone) {
            return two ? new Rooms(none, part(inner, 0, 0.5), part(inner, 0.5, 1), largest) : new Rooms(none, inner, none, largest);
        }
        double usual = page.picture() == null ? PICTURE : page.picture() / 100.0;
        double share = two ? usual * PICTURE_OF_TWO / PICTURE : usual;
        return switch (page.labels()) {
            case ABOVE -> new Rooms(part(inner, 1 - share, 1), part(inner, 0, two ? (1 - share) / 2 : 1 - share),
                two ? part(inner, (1 - share) / 2, 1 - share) : none, largest);
            case BESIDE -> beside(inner, two, none);
            default -> new Rooms(part(inner, 0, share), part(inner, share, two ? (1 + share) / 2 : 1), two ? part(inner, (1 + share) / 2, 1) : none, largest);
        };
    }

    private static Rooms beside(Rect inner, boolean two, Rect none) {
        Length picture = Length.smaller(inner.height(), inner.width().times(0.5));
        Length gap = picture.times(0.08);
        Rect label = new Rect(inner.x().plus(picture).plus(gap), inner.y(), inner.width().minus(picture).minus(gap), inner.height());
        return new Rooms(new Rect(inner.x(), inner.y(), picture, inner.height()), two ? part(label, 0, 0.5) : label, two ? part(label, 0.5, 1) : none,
            inner.height().times(0.5));
    }

    private static Rect part(Rect room, double from, double to) {
        return new Rect(room.x(), room.y().plus(room.height().times(from)), room.width(), room.height().times(to).minus(room.height().times(from)));
    }

    /** Draws a word; nothing for nothing. */
    void draw(Printed word, Rect room, Canvas canvas) {
        if (word.nothing()) {
            return;
        }
        Rooms rooms = rooms(word, room.inset(rim(room)));
        boolean dark = word.paper() != null && word.paper().ink() == Colour.WHITE;
        boolean labelled = rooms.label.height().micrometres() > 0;
        Length size = Length.smaller(largest, rooms.largest);
        boolean beside = page.labels() == LabelPlace.BESIDE;
        boolean above = page.labels() == LabelPlace.ABOVE;
        canvas.pictures(rooms.picture, word.pictures(), labelled ? null : word.told());
        if (word.not()) {
            canvas.not(word.pictures().isEmpty() ? rooms.label : rooms.picture);
        }
        if (labelled) {
            boolean two = rooms.second.height().micrometres() > 0;
            Canvas.Stand stand = word.pictures().isEmpty() || beside ? two ? Canvas.Stand.BOTTOM : Canvas.Stand.MIDDLE : above ? Canvas.Stand.TOP
                : Canvas.Stand.BOTTOM;
            boolean centred = !beside || word.pictures().isEmpty();
            canvas.write(word.text(), rooms.label, size, two && !above ? Canvas.Stand.BOTTOM : stand, dark, centred);
            if (two && word.second() != null) {
                canvas.write(word.second(), rooms.second, size, Canvas.Stand.TOP, dark, centred);
            }
        }
    }
}
