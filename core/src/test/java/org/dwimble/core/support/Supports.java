package org.dwimble.core.support;

import java.util.Arrays;
import java.util.List;
import org.dwimble.core.look.LabelPlace;
import org.dwimble.core.look.TypeSize;
import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.sheet.Mark;
import org.dwimble.core.sheet.Page;
import org.dwimble.core.sheet.PageSetup;
import org.dwimble.core.sheet.Paper;
import org.dwimble.core.sheet.PlainType;
import org.dwimble.core.sheet.Type;

/** Supports drawn in one line, and what is looked for on them. */
final class Supports {
    static final Type PLAIN = PlainType.PLAIN;
    static final PageSetup UPRIGHT = page(Paper.A4, PageSetup.Turn.UPRIGHT);

    private Supports() {
    }

    static PageSetup page(Paper paper, PageSetup.Turn turn) {
        return new PageSetup(paper, null, turn, Length.mm(10), LabelPlace.BELOW, TypeSize.EQUAL);
    }

    /** A word each with a picture of its name. */
    static List<Printed> words(String... words) {
        return Arrays.stream(words).map(w -> Printed.of(w, "base/" + w)).toList();
    }

    static Material material(PageSetup page, List<Printed> words) {
        return new Material("Ferry trip", words, page, PLAIN, "Ferry trip");
    }

    static Laid lay(Support support, PageSetup page, String... words) {
        return support.lay(material(page, words(words)));
    }

    static List<Rect> pictures(Page page) {
        return page.marks().stream().filter(Mark.Picture.class::isInstance).map(m -> ((Mark.Picture) m).rect()).toList();
    }

    static List<Rect> cards(Page page) {
        return page.marks().stream().filter(Mark.Card.class::isInstance).map(m -> ((Mark.Card) m).rect()).toList();
    }

    static List<String> texts(Page page) {
        return page.marks().stream().filter(Mark.Writing.class::isInstance).map(m -> ((Mark.Writing) m).text()).toList();
    }

    static List<String> shown(Page page) {
        return page.marks().stream().filter(Mark.Picture.class::isInstance).map(m -> ((Mark.Picture) m).picture().substring(5)).toList();
    }

    static boolean within(Rect inner, Rect outer) {
        return inner.x().compareTo(outer.x()) >= 0 && inner.y().compareTo(outer.y()) >= 0 && inner.right().compareTo(outer.right()) <= 0
            && inner.bottom().compareTo(outer.bottom()) <= 0;
    }

    static boolean apart(Rect one, Rect other) {
        return one.right().compareTo(other.x()) <= 0 || other.right().compareTo(one.x()) <= 0 || one.bottom().compareTo(other.y()) <= 0
            || other.bottom().compareTo(one.y()) <= 0;
    }
}
