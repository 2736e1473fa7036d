package org.dwimble.server.board;

import org.dwimble.server.told.Wording;
import org.dwimble.server.version.Steps;
import org.dwimble.server.version.Version;
import org.jspecify.annotations.Nullable;

/** What undo and redo would do for who asks. */
public record StepsView(@Nullable VersionView undo, @Nullable VersionView redo) {
    public static StepsView of(Steps steps, Wording wording) {
        return new StepsView(view(steps.undo(), wording), view(steps.redo(), wording));
    }

    private static @Nullable VersionView view(@Nullable Version version, Wording wording) {
        return version == null ? null : VersionView.of(version, wording);
    }
}
