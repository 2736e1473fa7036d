/**
 * What was chosen for a word and a student, and is remembered.
 */
@NullMarked
package org.dwimble.server.choice;

import org.jspecify.annotations.NullMarked;
