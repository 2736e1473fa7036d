/**
 * Students, who is on each one's team, and the caseload.
 */
@NullMarked
package org.dwimble.server.student;

import org.jspecify.annotations.NullMarked;
