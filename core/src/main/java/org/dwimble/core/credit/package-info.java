/**
 * Whose pictures these are: for any boards, the sources and licences in use, and the line a sheet of paper owes
 * them. Open {@link org.dwimble.core.credit.Credits} first.
 */
@NullMarked
package org.dwimble.core.credit;

import org.jspecify.annotations.NullMarked;
