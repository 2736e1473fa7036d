/**
 * What is true of a student and bears on words: an allergy, a diet, an interest, somebody who died. A fact proposes words to
 * hold or to bring forward; a person decides. Open {@link org.dwimble.core.fact.FactRules} first.
 */
@NullMarked
package org.dwimble.core.fact;

import org.jspecify.annotations.NullMarked;
