package org.dwimble.core.wordline;

import java.util.ArrayList;
import java.util.List;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Kind;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Delta;
import org.dwimble.core.edit.Facet;
import org.jspecify.annotations.Nullable;

/**
 * A picture or a kind chosen by hand for a word: what the word gets for this student from now on.
 *
 * @param picture null if none was chosen
 * @param kind    null if none was chosen
 */
public record Choice(String word, @Nullable String picture, @Nullable Kind kind) {
    public static Choice ofPicture(String word, String picture) {
        return new Choice(word, picture, null);
    }

    /** What a change chooses for words that stand already. Several pictures over each other are of one button, not of its word. */
    public static List<Choice> of(Change change) {
        List<Choice> choices = new ArrayList<>();
        for (Delta delta : change.deltas()) {
            if (delta instanceof Delta.ButtonAltered<?> altered && (altered.facet() == Facet.PICTURE || altered.facet() == Facet.KIND)) {
                Button button = change.after().at(altered.board()).button(altered.button()).orElseThrow();
                if (altered.facet() == Facet.KIND && button.kind() != null) {
                    choices.add(new Choice(button.label(), null, button.kind()));
                } else if (button.picture() != null && altered.facet() == Facet.PICTURE && button.layers().size() == 1
                    && button.layers().get(0).takesAllRoom()) {
                    choices.add(ofPicture(button.label(), button.picture()));
                }
            }
        }
        return choices;
    }
}
