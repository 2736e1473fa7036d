package org.dwimble.core.wordline;

import java.util.Locale;
import java.util.Optional;
import org.dwimble.core.board.Kind;
import org.dwimble.core.picture.Picture;
import org.dwimble.core.search.PictureSearch;
import org.dwimble.core.search.SpokenOf;
import org.dwimble.core.words.Kinds;
import org.jspecify.annotations.Nullable;

/** What a typed word gets by itself: a picture, if one says it, and a kind. */
public interface Guesses {
    default Optional<Picture> picture(String word) {
        return picture(word, SpokenOf.NOTHING);
    }

    /** @param on what the board the word is for speaks of */
    Optional<Picture> picture(String word, SpokenOf on);

    Optional<Picture> byId(String id);

    Kind kind(String word, @Nullable Picture picture);

    /** The picture over a word of running text, whatever signs stand at it: none for little words and names, nor a photo of one's own. */
    default Optional<String> overWord(String written) {
        String word = written.replaceAll("[^\\p{L}\\p{N}’'-]", "");
        return word.isEmpty() || Character.isUpperCase(word.charAt(0)) ? Optional.empty()
            : picture(word).filter(p -> !p.own() && kind(word, p) != Kind.LITTLE).map(Picture::id);
    }

    /** From the library alone, with nothing remembered of any student. */
    static Guesses of(PictureSearch search, Kinds kinds) {
        return new Guesses() {
            @Override
            public Optional<Picture> picture(String word, SpokenOf on) {
                return search.best(word, picture -> true, on);
            }

            @Override
            public Optional<Picture> byId(String id) {
                return search.byId(id);
            }

            @Override
            public Kind kind(String word, @Nullable Picture picture) {
                return kinds.of(word.toLowerCase(Locale.ROOT), picture);
            }
        };
    }
}
