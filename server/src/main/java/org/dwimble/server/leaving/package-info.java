/**
 * The doors by which boards, lists and what stands on them leave, each by the one rule. Open {@link org.dwimble.server.leaving.Doors} first.
 */
@NullMarked
package org.dwimble.server.leaving;

import org.jspecify.annotations.NullMarked;
