/**
 * The table of grants as it is kept, the question asked of it, and the gate that asks it before anything is answered. Open
 * {@link org.dwimble.server.grant.Rights} first.
 */
@NullMarked
package org.dwimble.server.grant;

import org.jspecify.annotations.NullMarked;
