/**
 * How what is said is said: its manner, when it is heard, how a word is to be spoken. Open
 * {@link org.dwimble.core.voice.HowSaid} first.
 */
@NullMarked
package org.dwimble.core.voice;

import org.jspecify.annotations.NullMarked;
