package org.dwimble.core.board;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;

/** Word class, each with its own mark. The order is the order in which kinds are listed to people. */
public enum Kind {
    WHO("who"),
    DO("do"),
    SOCIAL("social"),
    DESCRIBING("describing"),
    THING("thing"),
    WHERE("where"),
    LITTLE("little"),
    QUESTION("question");

    private final String word;

    Kind(String word) {
        this.word = word;
    }

    @JsonValue
    public String word() {
        return word;
    }

    /** @throws Unacceptable if no kind has this word */
    @JsonCreator
    public static Kind of(String word) {
        for (Kind kind : values()) {
            if (kind.word.equals(word)) {
                return kind;
            }
        }
        throw new Unacceptable("unknown-kind", "kind", Text.cut(word == null ? "" : word, 40));
    }
}
