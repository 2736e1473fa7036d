/** Carrying vocabularies and boards away as Open Board Format files, and bringing them back. */
@NullMarked
package org.dwimble.server.obf;

import org.jspecify.annotations.NullMarked;
