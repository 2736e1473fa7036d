/**
 * A recording made ready for a button: its silence cut, its loudness evened. Samples are mono, -1 to 1; loudness is in LUFS (ITU-R BS.1770-4).
 * Open {@link org.dwimble.core.recording.Recording} first.
 */
@NullMarked
package org.dwimble.core.recording;

import org.jspecify.annotations.NullMarked;
