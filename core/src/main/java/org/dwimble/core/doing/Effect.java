package org.dwimble.core.doing;

import org.dwimble.core.voice.Manner;
import org.jspecify.annotations.Nullable;

/** What comes of a doing, as a value: talk follows those that change the message; the others are performed where the student is. */
public sealed interface Effect {

    /** What talk itself follows. */
    sealed interface OfMessage extends Effect {
    }

    /** What is performed where the student is: heard, or turned up or down. */
    sealed interface Performed extends Effect {
    }

    /** What the button says, as it says it. */
    record Word() implements OfMessage {
    }

    /** Words at the end of the message, with no picture; nothing is heard. */
    record Add(String words) implements OfMessage {
    }

    /** Letters at the end of the word being spelt. */
    record Letters(String letters) implements OfMessage {
    }

    /** The word being spelt is at its end. */
    record EndWord() implements OfMessage {
    }

    /** The last word of the message is put into a form, and heard so. */
    record Formed(Form form) implements OfMessage {
    }

    /** A word that is offered takes the place of the one being spelt, or is added. @param place which, from 1 */
    record Offered(int place) implements OfMessage {
    }

    /** The last word begins with a capital letter, or with a small one if it did. */
    record Capital() implements OfMessage {
    }

    /** The student's name at the end of the message. */
    record Name() implements OfMessage {
    }

    /** The last letter of the message is heard. */
    record LastLetter() implements OfMessage {
    }

    record TakeOff() implements OfMessage {
    }

    record Clear() implements OfMessage {
    }

    /** The whole message is said. */
    record SayAll() implements OfMessage {
    }

    /**
     * Something is heard.
     *
     * @param text   what is said, as it is read; empty if there is a sound alone
     * @param spoken what a voice is given for it
     * @param sound  heard in place of the voice; null if there is none
     */
    record Say(String text, String spoken, @Nullable String sound, Manner manner) implements Performed {
        /** Said plainly by a voice. */
        public static Say plainly(String text) {
            return new Say(text, text, null, Manner.PLAINLY);
        }
    }

    /** Whatever is heard falls silent. */
    record Stop() implements Performed {
    }

    /** @param steps up, or down if below 0 */
    record Turn(Dial dial, int steps) implements Performed {
    }

    /** The pad of the button is opened to be drawn on. */
    record Pad() implements Performed {
    }

    /** Whose turn it is changes. */
    record NextTurn() implements Performed {
    }

    /** A list is shown over the board. */
    record Show(long list) implements Performed {
    }

    /** What can be turned up and down while talking. */
    enum Dial {
        LOUDNESS, RATE
    }
}
