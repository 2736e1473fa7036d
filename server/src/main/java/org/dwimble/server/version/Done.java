package org.dwimble.server.version;

import org.dwimble.core.version.Made;

/**
 * What an edit did.
 *
 * @param before as it held until then
 * @param after  as it now holds
 * @param steps  what undo and redo would do now for who made it
 */
public record Done<D>(AtVersion<D> before, AtVersion<D> after, Made<D> made, Steps steps) {
}
