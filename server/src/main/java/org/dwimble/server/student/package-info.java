/**
 * Students, who is on each one's team, and the caseload. {@link org.dwimble.server.student.Access} is the one place that decides who may see or change what.
 */
@NullMarked
package org.dwimble.server.student;

import org.jspecify.annotations.NullMarked;
