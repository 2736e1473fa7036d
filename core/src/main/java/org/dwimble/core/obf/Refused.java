package org.dwimble.core.obf;

/** A file that is not taken in. The message says which part and why, as a sentence for the person. */
public final class Refused extends Exception {
    public Refused(String sentence) {
        super(sentence);
    }
}
