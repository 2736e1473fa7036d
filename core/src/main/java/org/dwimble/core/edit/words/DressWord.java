package org.dwimble.core.edit.words;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Layer;
import org.dwimble.core.board.Says;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Facet;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.On;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * Makes one word look or say the same wherever it stands. It takes what is there, and so meets nobody.
 *
 * @param layers its pictures; null to leave them
 * @param kind   its kind; null to leave it
 * @param says   what it says; null to leave it
 */
@JsonTypeName("dress-word")
public record DressWord(String word, @Nullable List<Layer> layers, @Nullable Kind kind, @Nullable Says says) implements Intention {
    public DressWord {
        word = Text.tidy(word);
        layers = layers == null ? null : List.copyOf(layers);
        if (word.isEmpty() || layers == null && kind == null && says == null) {
            throw new Unacceptable("nothing-to-change");
        }
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        return On.everywhere(now, On.called(word).and(Button::isWord), this::dressed, Told.of("no-such-word", "word", word), "dressed-word", "word", word);
    }

    private Button dressed(Button button) {
        Button dressed = layers == null ? button : Facet.PICTURE.with(button, layers);
        dressed = kind == null ? dressed : Facet.KIND.with(dressed, kind);
        return says == null ? dressed : Facet.SAYS.with(dressed, says);
    }
}
