package org.dwimble.core.edit.people;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Names;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.route.Routes;
import org.dwimble.core.text.Text;

/** Kinds of people around a student, each with the general words for them, and the name of a board of their own. */
public enum Folk {
    FAMILY("Family", "mum", "dad", "sister", "brother", "grandma", "grandpa", "auntie", "uncle", "cousin", "baby"),
    SCHOOL("School people", "teacher", "helper", "driver", "cook"),
    CLASS("My class", "friend", "classmate"),
    OTHERS("Other people", "doctor", "nurse", "neighbour");

    private final String board;
    private final List<String> words;

    Folk(String board, String... words) {
        this.board = board;
        this.words = List.of(words);
    }

    /** The name of their own board. */
    public String board() {
        return board;
    }

    /** General words for such people, the nearest first. */
    public List<String> words() {
        return words;
    }

    /** What kind of people a general word is of, whatever its capitals; empty for a word nobody knows. */
    public static Optional<Folk> of(String general) {
        String sought = Names.folded(Text.tidy(general));
        for (Folk folk : values()) {
            if (folk.words.contains(sought)) {
                return Optional.of(folk);
            }
        }
        return Optional.empty();
    }

    /** Their own board: the one called so that is nearest home. */
    public Optional<Board> boardIn(Vocabulary now, Routes routes) {
        String called = Names.folded(board);
        return now.boards().values().stream().filter(b -> Names.folded(b.name()).equals(called))
            .min(Comparator.comparing((Board b) -> routes.to(b.id()).map(List::size).orElse(Integer.MAX_VALUE)).thenComparing(Board::id));
    }
}
