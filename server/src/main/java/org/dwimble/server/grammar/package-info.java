/** The forms of the words of a vocabulary. */
@NullMarked
package org.dwimble.server.grammar;

import org.jspecify.annotations.NullMarked;
