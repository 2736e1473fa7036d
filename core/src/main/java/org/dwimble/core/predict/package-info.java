/** Words offered while one is spelt. Open {@link org.dwimble.core.predict.Predicting} first. */
@NullMarked
package org.dwimble.core.predict;

import org.jspecify.annotations.NullMarked;
