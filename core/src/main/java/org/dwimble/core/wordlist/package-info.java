/**
 * Words gathered once, of which many supports are made: the list, what a person does to it, and how two people's changes, an undo
 * and going back all come together by one rule. Open {@link org.dwimble.core.wordlist.WordList} first, then
 * {@link org.dwimble.core.wordlist.Merged}.
 */
@NullMarked
package org.dwimble.core.wordlist;

import org.jspecify.annotations.NullMarked;
