package org.dwimble.core.doing;

import java.util.Optional;
import java.util.stream.Stream;

/** Into which form the last word of a message is put. */
public enum Form {
    /** As it is done now by who stands before: goes. */
    NOW("now"), PAST("past"),
    /** As it is going on, with is, am or are for who stands before. */
    GOING_ON("going-on"), MORE_THAN_ONE("more-than-one"),
    /** Of a pronoun first as it stands before what is owned, then as it stands alone: my, mine. */
    SOMEBODYS("somebodys"), NOT("not"),
    /** With a question mark, by which a voice asks. */
    QUESTION("question");

    private final String word;

    Form(String word) {
        this.word = word;
    }

    /** The word by which documents and packages know it; it is never changed. */
    public String word() {
        return word;
    }

    /** Empty if it is none that this release knows. */
    public static Optional<Form> of(String word) {
        return Stream.of(values()).filter(f -> f.word.equals(word)).findFirst();
    }
}
