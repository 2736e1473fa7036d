package org.dwimble.core.edit.whole;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.function.Supplier;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Key;
import org.dwimble.core.edit.WholeFacet;
import org.dwimble.core.told.Told;
import org.dwimble.core.version.Needs;

@JsonTypeName("rename-vocabulary")
public record RenameVocabulary(String name) implements Intention {
    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Vocabulary after = now.withName(name);
        return Change.of(now, after, Needs.of(new Key.OfWhole(WholeFacet.NAME)), Told.of("called-vocabulary", "name", after.name()));
    }
}
