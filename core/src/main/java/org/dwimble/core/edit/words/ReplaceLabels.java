package org.dwimble.core.edit.words;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.function.Supplier;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Facet;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.On;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;

/**
 * Gives every button with a label another one, wherever it stands; capitals make no difference. It takes what is there,
 * and so meets nobody.
 */
@JsonTypeName("replace-labels")
public record ReplaceLabels(String label, String by) implements Intention {
    public ReplaceLabels {
        label = Text.tidy(label);
        by = Text.tidy(by);
        if (label.isEmpty()) {
            throw new Unacceptable("replace-what");
        }
        if (by.isEmpty()) {
            throw new Unacceptable("replace-by-nothing", "label", label);
        }
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        return On.everywhere(now, On.called(label), b -> Facet.LABEL.with(b, by), Told.of("no-such-word", "word", label), "replaced-labels", "label",
            label, "by", by);
    }
}
