/**
 * Students, and what somebody may do on a student’s team. Open {@link org.dwimble.core.student.Student} first.
 */
@NullMarked
package org.dwimble.core.student;

import org.jspecify.annotations.NullMarked;
