package org.dwimble.core.sound;

import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;

/** What a word shall sound like. */
public sealed interface SoundQuestion {

    /** From the last stressed vowel on they sound the same, and before it they differ. */
    record RhymesWith(Reading reading) implements SoundQuestion {
    }

    record StartsWith(Phone phone) implements SoundQuestion {
    }

    record EndsWith(Phone phone) implements SoundQuestion {
    }

    /** The sound is neither the first nor the last. */
    record HasInside(Phone phone) implements SoundQuestion {
    }

    /** As many sounds, and one of them another: a minimal pair. */
    record OneSoundApart(Reading reading) implements SoundQuestion {
    }

    /** @param shape of C and V, such as CVC */
    record HasShape(String shape) implements SoundQuestion {
        public HasShape {
            if (!shape.matches("[CV]{1,20}")) {
                throw new Unacceptable("unknown-shape", "shape", Text.cut(shape, 30));
            }
        }
    }

    /** @param count 1 or more */
    record HasSyllables(int count) implements SoundQuestion {
        public HasSyllables {
            if (count < 1) {
                throw new Unacceptable("syllables", "has", count);
            }
        }
    }
}
