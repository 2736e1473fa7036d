/** Talk packs: what a device keeps of a vocabulary to talk with it where there is no network. Open {@link org.dwimble.server.pack.TalkPackApi} first. */
@NullMarked
package org.dwimble.server.pack;

import org.jspecify.annotations.NullMarked;
