package org.dwimble.core.board;

import java.util.Collections;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * All of a student's boards, and which of them is home.
 *
 * @param home   id of the home board, which exists
 * @param locale BCP 47 language tag of the words
 * @param boards by id; order carries no meaning
 * @param extras what a package said of the whole that Dwimble does not use
 */
public record Vocabulary(String name, String home, String locale, Map<String, Board> boards, @Nullable Map<String, JsonNode> extras) {
    public static final int LONGEST_NAME = 80;

    public Vocabulary {
        name = Text.tidy(name);
        if (name.isEmpty()) {
            throw new Unacceptable("A vocabulary needs a name.");
        }
        Text.atMost(LONGEST_NAME, "A vocabulary's name", name);
        boards = Collections.unmodifiableMap(new HashMap<>(boards));
        if (!boards.containsKey(home)) {
            throw new Unacceptable("The home board of “" + name + "” is not among its boards.");
        }
        locale = locale == null || locale.isBlank() ? "en" : locale;
        extras = Button.sorted(extras);
    }

    public Board homeBoard() {
        return boards.get(home);
    }

    public Optional<Board> board(String id) {
        return Optional.ofNullable(boards.get(id));
    }

    public Vocabulary with(Board board) {
        Map<String, Board> changed = new HashMap<>(boards);
        changed.put(board.id(), board);
        return new Vocabulary(name, home, locale, changed, extras);
    }

    public Vocabulary without(String boardId) {
        Map<String, Board> changed = new HashMap<>(boards);
        changed.remove(boardId);
        return new Vocabulary(name, home, locale, changed, extras);
    }

    public Vocabulary withName(String name) {
        return new Vocabulary(name, home, locale, boards, extras);
    }

    /** Boards sorted by id, for output that must not depend on chance. */
    public Map<String, Board> boardsById() {
        return new TreeMap<>(boards);
    }
}
