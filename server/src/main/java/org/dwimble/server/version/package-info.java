/**
 * The one room for whatever is kept in versions: lines of versions, their documents, edits on top of each other, undo. What sort of thing it
 * is says its {@link org.dwimble.server.version.Shelf}; the rules are {@code core/version}. Open {@link org.dwimble.server.version.Versions} first.
 */
@NullMarked
package org.dwimble.server.version;

import org.jspecify.annotations.NullMarked;
