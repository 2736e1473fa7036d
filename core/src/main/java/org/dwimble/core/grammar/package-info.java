/**
 * Words in the form a sentence needs, in English: more than one, the past, going on, somebody's, not, as a question. How a form is made of a word is
 * {@link org.dwimble.core.grammar.WordForms}; which one fits what stands before is {@link org.dwimble.core.grammar.Fitting}.
 */
@NullMarked
package org.dwimble.core.grammar;

import org.jspecify.annotations.NullMarked;
