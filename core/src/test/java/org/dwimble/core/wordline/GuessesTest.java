package org.dwimble.core.wordline;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.dwimble.core.board.Kind;
import org.dwimble.core.picture.Picture;
import org.dwimble.core.search.SpokenOf;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

class GuessesTest {
    private final Guesses guesses = new Guesses() {
        @Override
        public Optional<Picture> picture(String word, SpokenOf on) {
            String set = word.equals("biscuit") ? "own/" : "base/";
            return word.equals("qqqq") ? Optional.empty() : Optional.of(new Picture(set + word, word, List.of(), List.of(), "", List.of(), false));
        }

        @Override
        public Optional<Picture> byId(String id) {
            return Optional.empty();
        }

        @Override
        public Kind kind(String word, @Nullable Picture picture) {
            return word.equals("the") ? Kind.LITTLE : Kind.THING;
        }
    };

    @Test
    void overARunningWordStandsItsPictureWhateverSignsStandAtIt() {
        assertThat(guesses.overWord("“ferry,")).contains("base/ferry");
        assertThat(guesses.overWord("qqqq")).isEmpty();
        assertThat(guesses.overWord("…")).isEmpty();
    }

    @Test
    void littleWordsNamesAndOwnPhotosHaveNone() {
        assertThat(guesses.overWord("the")).isEmpty();
        assertThat(guesses.overWord("Curlew")).isEmpty();
        assertThat(guesses.overWord("biscuit")).isEmpty();
    }
}
