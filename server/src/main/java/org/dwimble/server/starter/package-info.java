/** The starters that ship: built into packages with the jar, kept in the database, compared and copied. */
@NullMarked
package org.dwimble.server.starter;

import org.jspecify.annotations.NullMarked;
