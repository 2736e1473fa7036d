/** Who is signed in, and how: accounts, sessions, and what every request must carry. Open {@link org.dwimble.server.account.Security} first. */
@NullMarked
package org.dwimble.server.account;

import org.jspecify.annotations.NullMarked;
