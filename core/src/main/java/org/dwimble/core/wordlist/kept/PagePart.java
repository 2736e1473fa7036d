package org.dwimble.core.wordlist.kept;

import java.util.List;
import org.dwimble.core.document.As;
import org.dwimble.core.document.Field;
import org.dwimble.core.document.Part;
import org.dwimble.core.look.LabelPlace;
import org.dwimble.core.look.TypeSize;
import org.dwimble.core.measure.Length;
import org.dwimble.core.sheet.PageSetup;
import org.dwimble.core.sheet.Paper;
import tools.jackson.databind.node.ObjectNode;

/** What a list is printed on, as kept; paper of one's own is {@code [width, height]}. */
final class PagePart extends Part<PageSetup> {
    private static final As<PageSetup.Size> SIZE = As.of(size -> As.list(As.LENGTH).write(List.of(size.width(), size.height())), json -> {
        List<Length> sides = As.list(As.LENGTH).read(json);
        return new PageSetup.Size(sides.get(0), sides.get(1));
    });
    private final Field<PageSetup, Paper> paper = field("paper", As.word(Paper.class), Paper.A4, PageSetup::paper);
    private final Field<PageSetup, PageSetup.Size> own = field("own", SIZE, null, PageSetup::own);
    private final Field<PageSetup, PageSetup.Turn> turn = field("turn", As.word(PageSetup.Turn.class), PageSetup.Turn.BEST, PageSetup::turn);
    private final Field<PageSetup, Length> margin = field("margin", As.LENGTH, Length.mm(9), PageSetup::margin);
    private final Field<PageSetup, LabelPlace> labels = field("labels", As.word(LabelPlace.class), null, PageSetup::labels);
    private final Field<PageSetup, TypeSize> type = field("type", As.word(TypeSize.class), TypeSize.EQUAL, PageSetup::type);
    private final Field<PageSetup, Integer> picture = field("picture", As.NUMBER, null, PageSetup::picture);

    @Override
    protected PageSetup made(ObjectNode json) {
        return new PageSetup(paper.in(json), own.orNone(json), turn.in(json), margin.in(json), labels.orNone(json), type.in(json), picture.orNone(json));
    }
}
