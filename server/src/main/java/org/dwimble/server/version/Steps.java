package org.dwimble.server.version;

import org.jspecify.annotations.Nullable;

/** What undo and redo would do now for one person; what others did in between does not count. */
public record Steps(@Nullable Version undo, @Nullable Version redo) {
}
