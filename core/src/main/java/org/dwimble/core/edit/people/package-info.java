/** Intentions about the people a student talks about. Open {@link org.dwimble.core.edit.people.AddPeople} first. */
@NullMarked
package org.dwimble.core.edit.people;

import org.jspecify.annotations.NullMarked;
