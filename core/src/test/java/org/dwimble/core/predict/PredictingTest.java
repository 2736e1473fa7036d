package org.dwimble.core.predict;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

class PredictingTest {
    private static final List<String> COMMON = List.of("the", "to", "this", "that", "they", "think", "thing", "hat", "harbour", "ferry", "for", "from");
    private final Predicting words = new Predicting(new Ranked(List.of("thunder", "thirsty", "tide pool", "Harbour", "I", "ferry"), PredictingTest::weight),
        new Ranked(COMMON, PredictingTest::weight), List.of("From"));

    private static double weight(String word) {
        return COMMON.contains(word) ? 1.0 / (COMMON.indexOf(word) + 1) : 0.01;
    }

    @Test
    void theStudentsOwnWordsComeFirstThenTheCommonOnes() {
        assertThat(words.offered("th", List.of(), 6)).containsExactly("thirsty", "thunder", "the", "this", "that", "they");
        assertThat(words.offered("th", List.of(), 2)).containsExactly("thirsty", "thunder");
    }

    @Test
    void aCommonWordTheStudentHasButDoesNotSeeIsNotOffered() {
        assertThat(words.offered("f", List.of(), 9)).containsExactly("ferry", "for");
    }

    @Test
    void aWordIsFoundHoweverItIsWritten() {
        assertThat(words.offered("HAR", List.of(), 3)).as("once, as the student has it").containsExactly("Harbour");
        assertThat(words.offered("tide p", List.of(), 3)).containsExactly("tide pool");
        assertThat(words.offered("zz", List.of(), 3)).isEmpty();
        assertThat(words.offered("ferry", List.of(), 3)).containsExactly("ferry");
    }

    @Test
    void whatWasSaidLatelyIsLikelier() {
        assertThat(words.offered("th", List.of("thunder", "ferry", "thunder", "I"), 1)).containsExactly("thunder");
        assertThat(words.offered("th", List.of("they", "they"), 3)).as("but never before an own word").containsExactly("thirsty", "thunder", "they");
    }

    @Test
    void whatWasSaidAfterTheSameWordIsLikelierStill() {
        List<String> said = List.of("I", "thirsty", "thunder", "thunder", "thunder", "I");
        assertThat(words.offered("th", said, 1)).containsExactly("thirsty");
    }

    @Test
    void withoutALetterTheOwnWordsAreOffered() {
        assertThat(words.offered("", List.of("I", "ferry", "I"), 2)).first().isEqualTo("ferry");
        assertThat(words.offered("", List.of(), 99)).doesNotContain("the").hasSize(6);
    }

    @Test
    void onlyTheLastWordsSaidCount() {
        String[] long_ = new String[Predicting.REMEMBERED + 1];
        Arrays.fill(long_, "ferry");
        long_[0] = "thunder";
        assertThat(words.offered("th", List.of(long_), 1)).containsExactly("thirsty");
    }

    @Test
    void aWordThatIsStillOfferedKeepsItsCell() {
        assertThat(Predicting.kept(List.of(), List.of("a", "b", "c"), 3)).containsExactly("a", "b", "c");
        assertThat(Predicting.kept(List.of("a", "b", "c"), List.of("c", "x", "a"), 3)).containsExactly("a", "x", "c");
        assertThat(Predicting.kept(Arrays.asList("a", null, "c"), List.of("c"), 3)).containsExactly(null, null, "c");
        assertThat(Predicting.kept(List.of("a", "b"), List.of("x", "y", "z"), 2)).containsExactly("x", "y");
        assertThat(Predicting.kept(List.of("a", "b", "c", "d"), List.of("d", "b"), 2)).as("fewer cells than before").containsExactly("d", "b");
    }
}
