/** What a day at a glance shows of each student besides the boards themselves. Open {@code GlanceApi} first. */
@NullMarked
package org.dwimble.server.caseload;

import org.jspecify.annotations.NullMarked;
