/**
 * Documents kept in versions, of whatever sort: how a wish comes on top of what others did meanwhile, when two people meet on a thing, and
 * how a version is taken back. Open {@link org.dwimble.core.version.OnTop} first, then {@link org.dwimble.core.version.Sort}, which a
 * sort of document fills in: vocabularies do so in {@code edit}, documents that are pieces of JSON by {@link org.dwimble.core.version.Pieces}.
 */
@NullMarked
package org.dwimble.core.version;

import org.jspecify.annotations.NullMarked;
