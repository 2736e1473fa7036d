/**
 * Students. Open {@link org.dwimble.core.student.Student} first.
 */
@NullMarked
package org.dwimble.core.student;

import org.jspecify.annotations.NullMarked;
