/**
 * The edge at which what happened, kept as data, is put into words. Open {@link org.dwimble.server.told.Wording} first;
 * the sentences are in {@code en.properties} beside it.
 */
@NullMarked
package org.dwimble.server.told;

import org.jspecify.annotations.NullMarked;
