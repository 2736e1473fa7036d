/** Intentions about the steps of a reveal plan, and what is held. Open {@link org.dwimble.core.edit.plan.AddStep} first. */
@NullMarked
package org.dwimble.core.edit.plan;

import org.jspecify.annotations.NullMarked;
