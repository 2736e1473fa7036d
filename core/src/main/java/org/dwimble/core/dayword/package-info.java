/**
 * What day it is, in words: today, the season, the student's age, what comes next. A button that says such a word has its label and its
 * speech computed when it is shown. Open {@link org.dwimble.core.dayword.DayWords} first.
 */
@NullMarked
package org.dwimble.core.dayword;

import org.jspecify.annotations.NullMarked;
