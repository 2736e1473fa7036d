/** Files with sound that come from elsewhere: what they carry beside the sound is taken out of them. */
@NullMarked
package org.dwimble.server.media.sound;

import org.jspecify.annotations.NullMarked;
