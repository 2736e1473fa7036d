package org.dwimble.core.talk;

import org.jspecify.annotations.Nullable;

/**
 * What came of one tap.
 *
 * @param speak   what is spoken at once, if anything
 * @param nowhere whether the button opens a board that is not there
 */
public record Tapped(Talking after, @Nullable String speak, boolean nowhere) {
}
