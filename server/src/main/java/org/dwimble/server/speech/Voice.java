package org.dwimble.server.speech;

/** Speaks text. */
public interface Voice {
    /** The longest text spoken at once, in characters. */
    int MOST = 500;

    /**
     * A WAV of the text spoken, or no bytes if nothing in it can be spoken by this voice.
     *
     * @param text at most {@link #MOST} characters
     */
    byte[] speak(String text);
}
