package org.dwimble.core.board;

import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import org.dwimble.core.look.Look;
import org.dwimble.core.plan.Plan;
import org.dwimble.core.told.Unacceptable;

/**
 * All of a student's boards, and which of them is home: at most {@value #MOST_BOARDS} boards and
 * {@value #MOST_BUTTONS} buttons.
 *
 * @param boards by id and sorted by it, so that what comes of them does not depend on chance; the home board is among them
 */
public record Vocabulary(Whole whole, Map<String, Board> boards) {
    public static final int MOST_BOARDS = 2_000;
    public static final int MOST_BUTTONS = 100_000;
    /** Asked for no board in particular, there is none. */
    private static final Comparator<String> BY_ID = Comparator.nullsFirst(Comparator.naturalOrder());

    public Vocabulary {
        boards = Collections.unmodifiableSortedMap(sorted(boards));
        if (!boards.containsKey(whole.home())) {
            throw new Unacceptable("home-not-there", "vocabulary", whole.name());
        }
        if (boards.size() > MOST_BOARDS) {
            throw new Unacceptable("too-many-boards", "most", MOST_BOARDS, "has", boards.size());
        }
        long buttons = 0;
        for (Board board : boards.values()) {
            buttons += board.buttons().size();
        }
        if (buttons > MOST_BUTTONS) {
            throw new Unacceptable("too-many-buttons", "most", MOST_BUTTONS, "has", buttons);
        }
    }

    public static Vocabulary of(String name, String home, String locale, Collection<Board> boards) {
        Map<String, Board> byId = new HashMap<>();
        boards.forEach(b -> byId.put(b.id(), b));
        return new Vocabulary(new Whole(name, home, locale, Extras.NONE), byId);
    }

    /** In time in proportion to their number, if they are sorted so already. */
    private static SortedMap<String, Board> sorted(Map<String, Board> boards) {
        SortedMap<String, Board> sorted = new TreeMap<>(BY_ID);
        sorted.putAll(boards);
        return sorted;
    }

    public String name() {
        return whole.name();
    }

    public String home() {
        return whole.home();
    }

    public String locale() {
        return whole.locale();
    }

    public Board homeBoard() {
        return at(whole.home());
    }

    /** A board that is known to be there. @throws NullPointerException if it is not */
    public Board at(String id) {
        return Objects.requireNonNull(boards.get(id), id);
    }

    public Optional<Board> board(String id) {
        return Optional.ofNullable(boards.get(id));
    }

    /** The board a button stands on; takes time in proportion to the number of boards. */
    public Optional<Board> boardOf(String buttonId) {
        return boards.values().stream().filter(b -> b.button(buttonId).isPresent()).findFirst();
    }

    public Vocabulary with(Board board) {
        return with(List.of(board));
    }

    /** With these boards, in place of those with the same ids. */
    public Vocabulary with(Collection<Board> more) {
        Map<String, Board> changed = sorted(boards);
        more.forEach(b -> changed.put(b.id(), b));
        return new Vocabulary(whole, changed);
    }

    public Vocabulary without(String boardId) {
        Map<String, Board> changed = sorted(boards);
        changed.remove(boardId);
        return new Vocabulary(whole, changed);
    }

    public Vocabulary with(Whole whole) {
        return new Vocabulary(whole, boards);
    }

    public Plan plan() {
        return whole.plan();
    }

    public Vocabulary withName(String name) {
        return with(whole.withName(name));
    }

    /** How a button of one of its boards is seen. */
    public Look seen(Board board, Button button) {
        return Look.seen(whole.look(), board.look(), button.look(), button.kind() == null ? null : whole.papers().get(button.kind()));
    }
}
