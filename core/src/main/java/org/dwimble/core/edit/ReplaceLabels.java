package org.dwimble.core.edit;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Names;
import org.dwimble.core.board.Text;
import org.dwimble.core.board.Vocabulary;
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
        String sought = Names.folded(label);
        List<Board> changed = new ArrayList<>();
        int count = 0;
        for (Board board : now.boards().values()) {
            List<Button> other = board.buttons().stream().filter(b -> Names.folded(b.label()).equals(sought)).map(b -> Facet.LABEL.with(b, by)).toList();
            if (!other.isEmpty()) {
                changed.add(board.with(other));
                count += other.size();
            }
        }
        if (count == 0) {
            throw new Unacceptable("no-such-word", "word", label);
        }
        return Change.of(now, now.with(changed), Needs.NOTHING, Told.of("replaced-labels", "label", label, "by", by, "count", count));
    }
}
