/** Work that takes longer than a person waits for: its progress, its end before time, and what came of it. Open {@link org.dwimble.server.job.Jobs} first. */
@NullMarked
package org.dwimble.server.job;

import org.jspecify.annotations.NullMarked;
