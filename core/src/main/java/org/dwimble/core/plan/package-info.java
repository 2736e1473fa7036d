/**
 * What is shown to a student when, as values: steps in their order, and holds. What follows from them for the boards is
 * worked out in {@code reveal}.
 */
@NullMarked
package org.dwimble.core.plan;

import org.jspecify.annotations.NullMarked;
