package org.dwimble.core.board;

import org.dwimble.core.told.Unacceptable;

/**
 * Where a button was brought from. By it the word is known as the same one there, so that what has changed there since can be told.
 *
 * @param vocabulary by which the other vocabulary is known
 * @param version    of that one, 1 or more, in which the button was as it came
 * @param button     its id there
 */
public record Origin(String vocabulary, int version, String button) {
    public Origin {
        if (vocabulary == null || vocabulary.isBlank() || button == null || button.isBlank() || version < 1) {
            throw new Unacceptable("button-origin");
        }
    }

    /** The vocabulary with every button known as its own, as it is before it is brought anywhere. */
    public static Vocabulary marked(Vocabulary of, String vocabulary, int version) {
        return of.with(of.boards().values().stream()
            .map(board -> board.withButtons(board.buttons().stream().map(b -> b.withOrigin(new Origin(vocabulary, version, b.id()))).toList())).toList());
    }

    public Origin at(int version) {
        return new Origin(vocabulary, version, button);
    }
}
