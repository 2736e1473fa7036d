/**
 * What a picture is: one concept, drawn in several looks and skin tones, with the words it stands for. Which of
 * the drawings a student sees follows from his or her {@link org.dwimble.core.picture.Appearance}. Open
 * {@link org.dwimble.core.picture.Picture} first.
 */
@NullMarked
package org.dwimble.core.picture;

import org.jspecify.annotations.NullMarked;
