/** What is kept of use, where that was asked for: it comes from talk, is seen by the team, and leaves by no door. */
@NullMarked
package org.dwimble.server.use;

import org.jspecify.annotations.NullMarked;
