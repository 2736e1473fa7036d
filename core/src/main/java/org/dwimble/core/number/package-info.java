/**
 * Numbers, amounts, money and times that are drawn by rule, so that every one has a picture: what a typed text says as
 * one of them, what it is called, and its drawing. Open {@link org.dwimble.core.number.Numbered} first.
 */
@NullMarked
package org.dwimble.core.number;

import org.jspecify.annotations.NullMarked;
