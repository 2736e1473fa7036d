/** Facts about students, kept for their team’s owners and editors alone; they are in no export, no print and no share. */
@NullMarked
package org.dwimble.server.fact;

import org.jspecify.annotations.NullMarked;
