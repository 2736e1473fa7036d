package org.dwimble.core.edit.looks;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.Map;
import java.util.function.Supplier;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Key;
import org.dwimble.core.edit.WholeFacet;
import org.dwimble.core.look.Colour;
import org.dwimble.core.look.ColouredPaper;
import org.dwimble.core.told.Told;
import org.dwimble.core.version.Needs;

/** Says which paper each kind of word has, where kinds have papers at all. @param papers kinds left out have none */
@JsonTypeName("give-papers")
public record GivePapers(Map<Kind, Colour> papers) implements Intention {
    /** Papers to begin with, near the colours of the kinds' marks. */
    public static final Map<Kind, Colour> USUAL = Map.of(Kind.WHO, ColouredPaper.HEATHER.colour(), Kind.DO, ColouredPaper.MINT.colour(),
        Kind.SOCIAL, ColouredPaper.PEACH.colour(), Kind.DESCRIBING, ColouredPaper.STRAW.colour(), Kind.THING, ColouredPaper.SKY.colour(),
        Kind.WHERE, ColouredPaper.REED.colour(), Kind.LITTLE, ColouredPaper.OAT.colour(), Kind.QUESTION, ColouredPaper.BLUEBELL.colour());

    public GivePapers {
        papers = papers == null ? Map.of() : Map.copyOf(papers);
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        return Change.of(now, now.with(now.whole().withPapers(papers)), Needs.of(new Key.OfWhole(WholeFacet.PAPERS)), Told.of("gave-papers"));
    }
}
