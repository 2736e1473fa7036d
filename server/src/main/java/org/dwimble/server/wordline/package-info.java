/** Words typed into a line, made into buttons. Open {@link org.dwimble.server.wordline.WordLineApi} first. */
@NullMarked
package org.dwimble.server.wordline;

import org.jspecify.annotations.NullMarked;
