package org.dwimble.server.media.sound;

import java.io.IOException;

/**
 * What a sound file carries beside its sound: who made it, when, where, on what, pictures, remarks. They are taken out, or written over where the file says
 * how far it is from one place to another; the sound itself stays as it is, bit by bit.
 */
public final class SoundNotes {
    private SoundNotes() {
    }

    /**
     * The file without them.
     *
     * @param type as its bytes tell, one of audio/wav, audio/mpeg, audio/mp4, audio/ogg, audio/webm
     * @throws IOException if it is not built as such a file is
     */
    public static byte[] without(String type, byte[] file) throws IOException {
        try {
            return switch (type) {
                case "audio/wav" -> WaveNotes.without(file);
                case "audio/mpeg" -> Mp3Notes.without(file);
                case "audio/mp4" -> Mp4Notes.without(file);
                case "audio/ogg" -> OggNotes.without(file);
                case "audio/webm" -> WebmNotes.without(file);
                default -> throw new IOException("no sound: " + type);
            };
        } catch (IndexOutOfBoundsException ends) {
            throw new IOException("it ends in the middle", ends);
        }
    }
}
