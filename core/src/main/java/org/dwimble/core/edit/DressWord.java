package org.dwimble.core.edit;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Layer;
import org.dwimble.core.board.Names;
import org.dwimble.core.board.Says;
import org.dwimble.core.board.Text;
import org.dwimble.core.board.Vocabulary;
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
        String sought = Names.folded(word);
        List<Board> changed = new ArrayList<>();
        int count = 0;
        for (Board board : now.boards().values()) {
            List<Button> dressed = board.buttons().stream().filter(b -> b.isWord() && Names.folded(b.label()).equals(sought)).map(this::dressed).toList();
            if (!dressed.isEmpty()) {
                changed.add(board.with(dressed));
                count += dressed.size();
            }
        }
        if (count == 0) {
            throw new Unacceptable("no-such-word", "word", word);
        }
        return Change.of(now, now.with(changed), Needs.NOTHING, Told.of("dressed-word", "word", word, "count", count));
    }

    private Button dressed(Button button) {
        Button dressed = layers == null ? button : Facet.PICTURE.with(button, layers);
        dressed = kind == null ? dressed : Facet.KIND.with(dressed, kind);
        return says == null ? dressed : Facet.SAYS.with(dressed, says);
    }
}
