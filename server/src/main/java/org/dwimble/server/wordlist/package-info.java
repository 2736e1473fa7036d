/** Word lists as kept, with their versions, and the supports made of them as sheets and PDF. Open {@link org.dwimble.server.wordlist.ListStore} first. */
@NullMarked
package org.dwimble.server.wordlist;

import org.jspecify.annotations.NullMarked;
