package org.dwimble.server.speech;

import java.util.List;
import org.dwimble.core.voice.Spoken;

/** Voices that speak text. */
interface Voice {
    /** True if it reads texts of a language. @param language BCP 47 tag in small letters */
    boolean speaks(String language);

    /** Which voices it has for a language, by what {@link Spoken#variant} takes; the usual one is not among them. */
    List<String> variants(String language);

    /** A WAV of the text spoken, or no bytes if nothing in it can be spoken by this voice. */
    byte[] speak(Spoken spoken);
}
