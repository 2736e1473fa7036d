package org.dwimble.core.support;

import java.util.ArrayList;
import java.util.List;
import org.dwimble.core.sheet.Foot;
import org.dwimble.core.sheet.Frame;
import org.dwimble.core.sheet.Mark;
import org.dwimble.core.sheet.Page;
import org.dwimble.core.sheet.PageSetup;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * A support as it is printed.
 *
 * @param pages  every side, backs behind their fronts
 * @param sheets of paper
 * @param lyingDown which way the paper lies
 * @param why    it lies so; null if somebody wants it so or it makes no difference
 * @param notes  what is worth knowing before it is printed
 */
public record Laid(List<Page> pages, int sheets, boolean lyingDown, @Nullable Told why, List<Told> notes) {
    public static final int MOST_SHEETS = 1_000;

    public Laid {
        pages = List.copyOf(pages);
        notes = List.copyOf(notes);
    }

    /** Several, one after the other, as those of a class; told are the notes of any, each once. @param each at least one */
    public static Laid together(List<Laid> each) {
        Laid first = each.get(0);
        return each.size() == 1 ? first : new Laid(each.stream().flatMap(l -> l.pages.stream()).toList(), each.stream().mapToInt(Laid::sheets).sum(),
            first.lyingDown, first.why, each.stream().flatMap(l -> l.notes.stream()).distinct().toList());
    }

    /** Paper that is to lie as is best is tried both ways: fewer sheets, then the better of equals, then standing up. */
    static Laid of(Support support, Material of) {
        return switch (of.page().turn()) {
            case UPRIGHT -> of(support, of, false, null);
            case LYING -> of(support, of, true, null);
            case BEST -> best(support, of);
        };
    }

    private static Laid best(Support support, Material of) {
        Drawn up = support.on(of.frame(false), of);
        Drawn down = support.on(of.frame(true), of);
        int fewer = Integer.compare(up.sheets().size(), down.sheets().size());
        boolean lying = fewer > 0 || fewer == 0 && down.merit() > up.merit() * 1.001;
        Drawn chosen = lying ? down : up;
        Told why = null;
        if (fewer != 0) {
            int others = (lying ? up : down).sheets().size();
            why = Told.of(lying ? "lying-fewer" : "standing-fewer", "sheets", chosen.sheets().size(), "other", others);
        } else if (Math.abs(up.merit() - down.merit()) > 0.001 * up.merit()) {
            why = Told.of(lying ? "lying-larger" : "standing-larger");
        }
        return pages(chosen, of, lying, why);
    }

    private static Laid of(Support support, Material of, boolean lying, @Nullable Told why) {
        return pages(support.on(of.frame(lying), of), of, lying, why);
    }

    private static Laid pages(Drawn drawn, Material of, boolean lying, @Nullable Told why) {
        if (drawn.sheets().size() > MOST_SHEETS) {
            throw new Unacceptable("too-many-sheets", "most", MOST_SHEETS, "has", drawn.sheets().size());
        }
        PageSetup setup = of.page();
        Frame frame = of.frame(lying);
        List<Mark> foot = Foot.of(of.photo(), of.foot(), frame.width(), frame.height(), setup.margin(), of.type());
        List<Page> pages = new ArrayList<>();
        for (Drawn.Sheet sheet : drawn.sheets()) {
            List<Mark> front = new ArrayList<>(sheet.front());
            front.addAll(foot);
            pages.add(new Page(frame.width(), frame.height(), front, List.of(), false));
            if (sheet.back() != null) {
                pages.add(new Page(frame.width(), frame.height(), sheet.back(), List.of(), true));
            }
        }
        return new Laid(pages, drawn.sheets().size(), lying, why, drawn.notes());
    }
}
