package org.dwimble.server.board;

import org.dwimble.server.told.Wording;
import org.dwimble.server.version.Version;
import org.jspecify.annotations.Nullable;

/**
 * A version of a vocabulary as it is seen.
 *
 * @param by      null if the program itself made it
 * @param summary what happened, after the name
 */
public record VersionView(int number, String madeAt, @Nullable String by, String summary, @Nullable String name, int words, int shown) {
    static VersionView of(Version version, Wording wording) {
        return new VersionView(version.number(), version.madeAt(), version.by(), wording.of(version.told()), version.name(), version.words(), version.shown());
    }
}
