/**
 * The screens students talk on, and how one is divided when they do. Open {@link org.dwimble.core.screen.TalkLayout} first.
 */
@NullMarked
package org.dwimble.core.screen;

import org.jspecify.annotations.NullMarked;
