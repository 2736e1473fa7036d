/**
 * How words sound: their phones, syllables and stress, and which words rhyme, begin alike, or differ in one
 * sound. English as the pronouncing dictionary has it, which is American. Open
 * {@link org.dwimble.core.sound.SoundSearch} first.
 */
@NullMarked
package org.dwimble.core.sound;

import org.jspecify.annotations.NullMarked;
