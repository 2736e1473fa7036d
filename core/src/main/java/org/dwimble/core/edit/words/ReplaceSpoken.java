package org.dwimble.core.edit.words;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.function.Supplier;
import org.dwimble.core.board.Names;
import org.dwimble.core.board.Says;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Facet;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.On;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;

/** Replaces a spoken text by another wherever a button says just it, whatever its capitals; labels stay. It takes what is there, and so meets nobody. */
@JsonTypeName("replace-spoken")
public record ReplaceSpoken(String spoken, String by) implements Intention {
    public ReplaceSpoken {
        spoken = Text.tidy(spoken);
        by = Text.tidy(by);
        if (spoken.isEmpty()) {
            throw new Unacceptable("replace-what");
        }
        if (by.isEmpty()) {
            throw new Unacceptable("replace-spoken-by-nothing", "text", Text.cut(spoken, 40));
        }
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        String sought = Names.folded(spoken);
        return On.everywhere(now, b -> Names.folded(b.spoken()).equals(sought), b -> Facet.SAYS.with(b, b.label().equals(by) ? Says.LABEL : new Says.Words(by)),
            Told.of("no-such-spoken", "text", Text.cut(spoken, 40)), "replaced-spoken", "text", Text.cut(spoken, 40), "by", Text.cut(by, 40));
    }
}
