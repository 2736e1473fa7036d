/** For whoever looks after Dwimble: backups by themselves, and room on the disk. Open {@link org.dwimble.server.care.Backups} first. */
@NullMarked
package org.dwimble.server.care;

import org.jspecify.annotations.NullMarked;
