package org.dwimble.server.media;

import java.io.IOException;
import java.util.List;
import org.dwimble.core.told.Told;
import org.dwimble.server.media.sound.SoundNotes;

/**
 * What a package brings, looked into before it is kept: drawings are written anew, pictures are opened once, so that no print fails for them later, and what
 * a file carries beside what is seen and heard is taken out.
 */
final class Intake {
    /** A side of the picture that is made to see whether it can be: it need not be seen. */
    private static final int GLANCE = 64;

    /** @param leftOut what was in it and is not kept, each a reason */
    record Taken(String type, byte[] bytes, List<Told> leftOut) {
    }

    private Intake() {
    }

    /** @throws NotTaken if it is none that is known, is damaged, or is far too large */
    static Taken of(byte[] file) throws NotTaken {
        if (file.length == 0) {
            throw new NotTaken("media-empty");
        }
        String type = ContentType.of(file);
        if (type == null || !ContentType.isKept(type)) {
            throw new NotTaken("media-unknown");
        }
        if (type.equals(ContentType.SVG)) {
            Drawing.Written drawing = Drawing.rewritten(file);
            return new Taken(type, drawing.bytes(), drawing.leftOut());
        }
        try {
            if (!type.startsWith("image/")) {
                return new Taken(type, SoundNotes.without(type, file), List.of());
            }
            Raster.read(file, GLANCE);
            return new Taken(type, Raster.withoutNotes(file), List.of());
        } catch (IOException damaged) {
            throw new NotTaken("media-damaged");
        }
    }
}
