package org.dwimble.server.speech;

import java.util.List;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.voice.Phonetic;
import org.dwimble.core.voice.Spoken;
import org.springframework.stereotype.Component;

/** Dwimble's own voices: espeak-ng's where it is, and the one that ships, for English. */
@Component
public class Voices {
    private final EspeakVoice espeak;
    private final StandInVoice standIn;

    Voices(EspeakVoice espeak, StandInVoice standIn) {
        this.espeak = espeak;
        this.standIn = standIn;
    }

    /** Whether the voices that read other languages than English are on this machine. */
    public boolean readsOthers() {
        return espeak.isThere();
    }

    /** True if a text of this language can be said. @param language BCP 47 tag */
    public boolean speaks(String language) {
        return espeak.speaks(language) || standIn.speaks(language);
    }

    /** Which there are for a language, besides the usual one. */
    public List<String> variants(String language) {
        return espeak.variants(language);
    }

    /**
     * A WAV of the text spoken.
     *
     * @throws Unacceptable if no voice here can: what is told says which is missing
     */
    public byte[] speak(Spoken spoken) {
        if (Phonetic.isIn(spoken.text()) && !espeak.speaks(spoken.language())) {
            throw new Unacceptable("voice-no-sounds");
        }
        byte[] wav = espeak.speaks(spoken.language()) ? espeak.speak(spoken) : new byte[0];
        if (wav.length == 0 && standIn.speaks(spoken.language())) {
            wav = standIn.speak(spoken);
        }
        if (wav.length > 0) {
            return wav;
        }
        throw speaks(spoken.language()) ? new Unacceptable("voice-cannot") : new Unacceptable("voice-no-language");
    }
}
