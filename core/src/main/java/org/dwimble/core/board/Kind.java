package org.dwimble.core.board;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;

/** Word class, each with its own mark. The order is the order in which kinds are listed to people. */
public enum Kind {
    WHO("who", "●", "a who word"),
    DO("do", "▲", "a do word"),
    SOCIAL("social", "◆", "a social word"),
    DESCRIBING("describing", "■", "a describing word"),
    THING("thing", "▬", "a thing word"),
    WHERE("where", "⬟", "a where word"),
    LITTLE("little", "•", "a little word"),
    QUESTION("question", "?", "a question word");

    private final String word;
    private final String mark;
    private final String sentence;

    Kind(String word, String mark, String sentence) {
        this.word = word;
        this.mark = mark;
        this.sentence = sentence;
    }

    @JsonValue
    public String word() {
        return word;
    }

    public String mark() {
        return mark;
    }

    /** As it reads in the button sentence: "It is <i>a do word</i>". */
    public String sentence() {
        return sentence;
    }

    /** @throws Unacceptable if no kind has this word */
    @JsonCreator
    public static Kind of(String word) {
        for (Kind kind : values()) {
            if (kind.word.equals(word)) {
                return kind;
            }
        }
        throw new Unacceptable("There is no kind of word called “" + word + "”.");
    }
}
