/**
 * Recordings for buttons: taken in, made even by core, kept as MP3. Whose voice it is, is said of it as of a photo. Open
 * {@link org.dwimble.server.recording.RecordingApi} first.
 */
@NullMarked
package org.dwimble.server.recording;

import org.jspecify.annotations.NullMarked;
