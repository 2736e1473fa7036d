/** The people a student talks about. Open {@link org.dwimble.server.people.FolkApi} first. */
@NullMarked
package org.dwimble.server.people;

import org.jspecify.annotations.NullMarked;
