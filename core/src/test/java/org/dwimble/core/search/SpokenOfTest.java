package org.dwimble.core.search;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.dwimble.core.ShippedLibrary;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Shape;
import org.dwimble.core.edit.words.ReadyWord;
import org.dwimble.core.picture.Picture;
import org.dwimble.core.wordline.Guesses;
import org.dwimble.core.wordline.WordLine;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SpokenOfTest {
    private static final Guesses GUESSES = Guesses.of(ShippedLibrary.SEARCH, ShippedLibrary.KINDS);

    private static String pictureOf(String word, String others) {
        List<ReadyWord> ready = WordLine.ready(WordLine.read(others + ", " + word), GUESSES);
        return ready.get(ready.size() - 1).picture();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "bat | lion, tiger, elephant | base/bat", "bat | football, tennis, swimming | base/cricket-game",
        "orange | apple, pear, banana | base/tangerine", "orange | red, blue, green, yellow | base/orange-square",
        "light | heavy, big, fast | core/light", "light | torch, television, phone | base/light-bulb",
        "fly | bee, ant, beetle | base/fly", "fly | run, jump, swim | mixed/fly-in-the-air",
        "swing | run, jump, climb | core/swing", "swing | seesaw, teddy, kite | core/swing-seat",
        "bark | tree, leaf, flower | core/bark-tree", "bark | run, jump, bite | mixed/bark-dog",
        "watch | run, read, draw | core/watch", "watch | morning, today, clock | base/watch",
        "chicken | cow, pig, horse | base/chicken", "chicken | pizza, soup, rice | base/poultry-leg"})
    void theMeaningOfWhatTheBoardSpeaksOfComesFirst(String word, String others, String picture) {
        assertThat(pictureOf(word, others)).isEqualTo(picture);
    }

    /** A word that means one thing, or is drawn one way, is what it is on every board; so is one of two, or one among many others. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "kettle | lion, tiger, elephant", "happy | football, tennis, swimming", "bat | football, tennis", "bat | football, tennis, swimming, "
            + "happy, sad, kettle, red, Monday, mum, house, rain, apple, eat"})
    void whatIsNotMeantIsLeftAsItIs(String word, String others) {
        assertThat(pictureOf(word, others)).isEqualTo(GUESSES.picture(word).map(Picture::id).orElse(null));
    }

    @Test
    void whatStandsOnTheBoardCountsAsWhatIsTyped() {
        List<Button> there = new ArrayList<>();
        for (ReadyWord word : WordLine.ready(WordLine.read("red, blue, green"), GUESSES)) {
            there.add(Button.word(word.label(), new Cell(0, there.size()), word.label(), word.picture(), word.kind()));
        }
        Board colours = Board.empty("colours", "Colours", new Shape(1, 4)).withButtons(there);
        assertThat(WordLine.ready(WordLine.read("orange"), 1, GUESSES, colours)).extracting(ReadyWord::picture).containsExactly("base/orange-square");
    }

    @Test
    void theWordsOfANewBoardSayWhatItSpeaksOf() {
        ReadyWord board = WordLine.ready(WordLine.read("colours > red, blue, green, orange"), GUESSES).get(0);
        assertThat(board.opens()).extracting(ReadyWord::picture).endsWith("base/orange-square");
    }

    @Test
    void theReasonIsSaid() {
        SpokenOf sports = SpokenOf.words(List.of(List.of("sports"), List.of("sports"), List.of("sports")));
        List<Found> found = ShippedLibrary.SEARCH.find(Asked.typed("bat", 8).on(sports));
        assertThat(found.get(0)).isEqualTo(new Found(found.get(0).picture(), Why.AS_ON_THE_BOARD, "sports"));
        assertThat(found).extracting(f -> f.picture().id()).doesNotHaveDuplicates().contains("base/bat");
    }
}
