/** What day it is where a student is, and the days a student looks forward to. */
@NullMarked
package org.dwimble.server.dayword;

import org.jspecify.annotations.NullMarked;
