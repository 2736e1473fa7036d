package org.dwimble.core.edit.words;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Layer;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Facet;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Key;
import org.dwimble.core.edit.On;
import org.dwimble.core.version.Needs;

/** Gives a button other pictures, or none: then its label has to stay. */
@JsonTypeName("give-picture")
public record GivePicture(String board, String button, List<Layer> layers) implements Intention {
    public GivePicture {
        layers = layers == null ? List.of() : List.copyOf(layers);
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Change change = On.altered(now, board, button, Facet.PICTURE, layers, layers.isEmpty() ? "took-picture" : "pictured");
        return layers.isEmpty() ? new Change(now, change.after(), change.deltas(), change.needs().and(Needs.of(new Key.OfFacet(button, Facet.LABEL))),
            change.told()) : change;
    }
}
