package org.dwimble.core.use;

import static org.assertj.core.api.Assertions.assertThat;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.vocabulary;

import java.util.Map;
import java.util.stream.Collectors;
import org.dwimble.core.board.Shown;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.reveal.Revealed;
import org.junit.jupiter.api.Test;

class UsedTest {
    private final Vocabulary boards = vocabulary(board("home", "I go sea>sea", "see . ."), board("sea", "crab Go gull", ". . ."));

    private Used used(Map<String, Integer> said, int listed) {
        return Used.of(boards, Revealed.of(boards), often(said), listed);
    }

    private static Map<String, HowOften> often(Map<String, Integer> said) {
        return said.entrySet().stream().collect(Collectors.toMap(Map.Entry::getKey, e -> new HowOften(e.getValue(), 0)));
    }

    @Test
    void wordsStandByHowOftenTheyWereSaidAndOnceWhereverTheyStand() {
        Used used = used(Map.of("go", 7, "crab", 2, "i", 2, "elsewhere", 9), 10);
        assertThat(used.most()).extracting(Used.SaidWord::label).containsExactly("go", "crab", "I");
        assertThat(used.never()).extracting(Used.SaidWord::label).containsExactly("see", "gull");
        assertThat(used.times()).containsEntry("home/go", 7).containsEntry("sea/Go", 7).containsEntry("sea/gull", 0).doesNotContainKey("home/sea");
        assertThat(used(Map.of("go", 7, "crab", 2), 1).most()).hasSize(1);
    }

    @Test
    void whatIsNotShownIsNotMissedButCountsWhereItWasSaid() {
        Vocabulary held = vocabulary(boards.homeBoard(), boards.at("sea").withButtons(boards.at("sea").buttons().stream()
            .map(b -> b.label().equals("gull") || b.label().equals("crab") ? b.withShown(Shown.NO) : b).toList()));
        Used used = Used.of(held, Revealed.of(held), often(Map.of("crab", 1)), 5);
        assertThat(used.never()).extracting(Used.SaidWord::label).doesNotContain("gull");
        assertThat(used.most()).extracting(Used.SaidWord::label).containsExactly("crab");
    }
}
