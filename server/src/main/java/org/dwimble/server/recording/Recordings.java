package org.dwimble.server.recording;

import java.util.List;
import org.dwimble.core.board.ContentHash;
import org.dwimble.core.picture.OwnPicture;
import org.dwimble.core.picture.Shows;
import org.dwimble.core.recording.Recording;
import org.dwimble.core.recording.WaveFile;
import org.dwimble.core.text.Text;
import org.dwimble.server.account.Account;
import org.dwimble.server.collection.OwnSounds;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Recordings made ready and kept. */
@Component
public class Recordings {
    private static final int LONGEST_NAME = 60;

    /** One as it is kept. @param id what buttons know it by */
    public record Kept(String id, Recording recording) {
    }

    private final OwnSounds sounds;

    Recordings(OwnSounds sounds) {
        this.sounds = sounds;
    }

    /** Made ready: its silence cut, as loud as all others. It takes its time, and is not kept yet. */
    Made ready(byte[] wav) {
        Recording recording = Recording.of(WaveFile.read(wav, Recording.MOST_BROUGHT_SECONDS).at(Mp3.RATE));
        return new Made(recording, Mp3.of(recording.sound()));
    }

    record Made(Recording recording, byte[] mp3) {
    }

    /**
     * Keeps a recording for a student's team, or, with none given, for whoever made it.
     *
     * @param word it says
     * @param by   whose voice it is, in words; may be empty
     */
    public Kept keep(byte[] wav, String word, @Nullable String student, Shows shows, String by, Account account) {
        return keep(ready(wav), word, student, shows, by, account);
    }

    Kept keep(Made made, String word, @Nullable String student, Shows shows, String by, Account account) {
        String name = word.isBlank() ? "recording" : Text.cut(Text.tidy(word), LONGEST_NAME);
        OwnPicture about = new OwnPicture(List.of(name), List.of(), student == null ? OwnPicture.Audience.MINE : OwnPicture.Audience.STUDENT, student, shows,
            OwnPicture.Origin.OWN_PHOTO, by, "", "");
        return new Kept(sounds.keep(ContentHash.hex(made.mp3), Mp3.TYPE, made.mp3, about, account), made.recording);
    }
}
