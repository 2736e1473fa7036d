/**
 * Who has a vocabulary open is told what changed, by server-sent events (HTML Standard, 9.2). Open
 * {@link org.dwimble.server.live.Live} first.
 */
@NullMarked
package org.dwimble.server.live;

import org.jspecify.annotations.NullMarked;
