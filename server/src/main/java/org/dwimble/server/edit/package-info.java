/** Edits of a vocabulary from a person's hand to everybody's screen. Open {@link org.dwimble.server.edit.EditApi} first. */
@NullMarked
package org.dwimble.server.edit;

import org.jspecify.annotations.NullMarked;
