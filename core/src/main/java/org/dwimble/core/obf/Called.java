package org.dwimble.core.obf;

import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Extras;
import org.dwimble.core.board.Vocabulary;
import tools.jackson.databind.JsonNode;

/** What boards and buttons are called in a file: as they came; where two would be called alike, as we call them. */
final class Called {
    private final Map<String, String> boards;
    private final Map<String, String> files;

    /** @param files of each board of a package, by our id; empty for a single board */
    Called(Vocabulary vocabulary, Map<String, String> files) {
        this.boards = apart(vocabulary.boards().values(), Board::id, Board::extras);
        this.files = files;
    }

    /** A board that is not there is called as we call it. */
    String board(String ours) {
        return boards.getOrDefault(ours, ours);
    }

    Map<String, String> files() {
        return files;
    }

    /** By our id. */
    static <T> Map<String, String> apart(Collection<T> all, Function<T, String> ours, Function<T, Extras> extras) {
        Map<String, String> called = new HashMap<>();
        Set<String> taken = new HashSet<>();
        all.stream().filter(t -> came(extras.apply(t)).isEmpty()).map(ours).forEach(id -> {
            called.put(id, id);
            taken.add(id);
        });
        all.stream().filter(t -> !came(extras.apply(t)).isEmpty()).forEach(t -> {
            String outside = came(extras.apply(t));
            called.put(ours.apply(t), taken.add(outside) ? outside : ours.apply(t));
        });
        return called;
    }

    private static String came(Extras extras) {
        JsonNode id = extras.ofPackage().get("id");
        return id == null ? "" : id.asString("");
    }
}
