/**
 * Who may do what with which thing: one table of what was given to whom, and one question asked of it. Open
 * {@link org.dwimble.core.grant.Grants} first.
 */
@NullMarked
package org.dwimble.core.grant;

import org.jspecify.annotations.NullMarked;
