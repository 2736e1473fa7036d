/** The stand-in voice, for browsers that have none: English only, made on the server. */
@NullMarked
package org.dwimble.server.speech;

import org.jspecify.annotations.NullMarked;
