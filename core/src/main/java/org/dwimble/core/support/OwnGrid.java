package org.dwimble.core.support;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.stream.IntStream;
import org.dwimble.core.board.Kind;
import org.dwimble.core.look.Colour;
import org.dwimble.core.look.ColouredPaper;
import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.sheet.Canvas;
import org.dwimble.core.sheet.Frame;
import org.dwimble.core.told.Unacceptable;

/**
 * A grid of one's own: the words in order, row by row.
 *
 * @param empty  cells that stay empty, counted from 0 row by row
 * @param gap    between cells
 * @param title  what stands over it; may be empty
 * @param byKind true if cells have the colour of their word's kind; a word's own paper goes before
 */
@JsonTypeName("grid")
public record OwnGrid(int rows, int columns, List<Integer> empty, Length gap, String title, boolean byKind) implements Support {
    private static final int MOST = 20;
    private static final Length MOST_GAP = Length.mm(30);
    private static final Map<Kind, Colour> PAPERS = papers();
    public static final OwnGrid USUAL = new OwnGrid(4, 5, List.of(), Length.mm(3), "", false);

    private static Map<Kind, Colour> papers() {
        Map<Kind, Colour> papers = new EnumMap<>(Kind.class);
        papers.put(Kind.WHO, ColouredPaper.HEATHER.colour());
        papers.put(Kind.DO, ColouredPaper.MINT.colour());
        papers.put(Kind.SOCIAL, ColouredPaper.SHELL.colour());
        papers.put(Kind.DESCRIBING, ColouredPaper.STRAW.colour());
        papers.put(Kind.THING, ColouredPaper.SKY.colour());
        papers.put(Kind.WHERE, ColouredPaper.REED.colour());
        papers.put(Kind.LITTLE, ColouredPaper.OAT.colour());
        papers.put(Kind.QUESTION, ColouredPaper.BLUEBELL.colour());
        return papers;
    }

    public OwnGrid {
        Unacceptable.ifMissing(empty, gap);
        Bounds.within("rows", rows, 1, MOST);
        Bounds.within("columns", columns, 1, MOST);
        int cells = rows * columns;
        empty = List.copyOf(new TreeSet<>(empty)).stream().filter(cell -> cell >= 0 && cell < cells).toList();
        if (empty.size() == cells) {
            throw new Unacceptable("grid-all-empty");
        }
        if (gap.micrometres() < 0 || gap.compareTo(MOST_GAP) > 0) {
            throw new Unacceptable("card-gap", "most", (int) MOST_GAP.mm());
        }
        title = Title.checked(title);
    }

    /** Where its cells are on a sheet, row by row. */
    public List<Rect> cells(Frame frame) {
        return grid(frame).all();
    }

    private Cells grid(Frame frame) {
        return Cells.filling(Title.below(frame.room(), title), rows, columns, gap);
    }

    @Override
    public Drawn on(Frame frame, Material of) {
        Cells cells = grid(frame);
        List<Integer> filled = IntStream.range(0, cells.count()).filter(i -> !empty.contains(i)).boxed().toList();
        Sheets sheets = new Sheets();
        for (List<Printed> some : Sheets.portions(of.words(), filled.size())) {
            Canvas canvas = new Canvas(of.type());
            Title.draw(frame.room(), title, canvas);
            Face face = Face.of(some, w -> cells.at(0), of.page(), canvas);
            for (int i = 0; i < filled.size(); i++) {
                Printed word = some.get(i);
                Rect cell = cells.at(filled.get(i));
                canvas.card(cell, Length.mm(2), word.paper() == null && byKind && word.kind() != null ? PAPERS.get(word.kind()) : word.paper());
                face.draw(word, cell, canvas);
            }
            sheets.add(canvas);
        }
        return sheets.drawn(Length.smaller(cells.width(), cells.height()).mm());
    }
}
