package org.dwimble.core.credit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.dwimble.core.credit.Leaving.Answer;
import org.dwimble.core.credit.Leaving.Fate;
import org.dwimble.core.credit.Leaving.Instead;
import org.dwimble.core.credit.Leaving.Known;
import org.dwimble.core.credit.Leaving.What;
import org.dwimble.core.credit.Leaving.Whither;
import org.dwimble.core.picture.Shows;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class LeavingTest {
    private static final String SISTER = "own/" + "1".repeat(64);
    private static final String GATE = "own/" + "2".repeat(64);
    private static final String OTHERS = "own/" + "3".repeat(64);
    private static final String PACKED = "own/" + "4".repeat(64);
    private static final Map<String, Known> KNOWN = Map.of(SISTER, new Known(Shows.OTHERS, true), GATE, new Known(Shows.NOBODY, true), OTHERS, new Known(
        Shows.NOBODY, false), PACKED, new Known(Shows.NOT_SAID, true));

    private static Leaving leaving(Whither whither, boolean people) {
        return new Leaving(whither, new Answer(people, people, false, false, Instead.DRAWN), KNOWN::get);
    }

    @Test
    void onPaperForTheTeamEverythingIsThatIsOnTheBoards() {
        Leaving team = leaving(Whither.TEAM_PAPER, false);
        assertThat(KNOWN.keySet()).noneMatch(team::stays);
        assertThat(team.nameGoes()).isTrue();
        assertThat(team.count(KNOWN.keySet())).isEqualTo(new Leaving.Count(0, 0, 0));
    }

    @ParameterizedTest
    @EnumSource(names = {"OTHERS_PAPER", "PACKAGE", "STUDENT", "SCHOOL", "LINK"})
    void whatMayShowSomebodyIsAskedAboutAndStaysUnlessSaidOtherwise(Whither whither) {
        assertThat(Set.of(SISTER, PACKED, OTHERS)).allMatch(leaving(whither, false)::stays);
        assertThat(leaving(whither, false).stays(GATE)).isFalse();
        assertThat(Set.of(SISTER, PACKED, GATE)).noneMatch(leaving(whither, true)::stays);
        assertThat(leaving(whither, true).stays(OTHERS)).as("not this person’s to give, whatever is said").isTrue();
        assertThat(leaving(whither, false).count(List.of(SISTER, SISTER, PACKED, GATE, OTHERS, "base/kite"))).isEqualTo(new Leaving.Count(0, 2, 1));
    }

    @ParameterizedTest
    @EnumSource(names = {"OTHERS_PAPER", "PACKAGE", "STUDENT", "SCHOOL", "LINK"})
    void theStudentsOwnFaceAndOtherPeoplesAreAskedAboutEachForThemselves(Whither whither) {
        Map<String, Known> known = Map.of(SISTER, new Known(Shows.OTHERS, true), GATE, new Known(Shows.STUDENT, true));
        Leaving student = new Leaving(whither, new Answer(true, false, false, false, Instead.DRAWN), known::get);
        assertThat(student.stays(GATE)).isFalse();
        assertThat(student.stays(SISTER)).isTrue();
        Leaving others = new Leaving(whither, new Answer(false, true, false, false, Instead.DRAWN), known::get);
        assertThat(others.stays(GATE)).isTrue();
        assertThat(others.stays(SISTER)).isFalse();
        assertThat(others.count(known.keySet())).isEqualTo(new Leaving.Count(1, 1, 0));
    }

    @Test
    void whoOnlyLooksMaySendAwayNobodyButWhomHeOrSheTookIn() {
        for (Shows shows : Shows.values()) {
            assertThat(Known.away(shows, true, () -> false).may()).as("who changes them").isTrue();
            assertThat(Known.away(shows, false, () -> true).may()).as("who took it in").isTrue();
            assertThat(Known.away(shows, false, () -> false).may()).as("who only looks").isEqualTo(shows == Shows.NOBODY);
            assertThat(Known.on(shows, () -> true).may()).isTrue();
            assertThat(Known.on(shows, () -> false).may()).as("not for that student").isEqualTo(shows == Shows.NOT_SAID);
        }
    }

    @ParameterizedTest
    @EnumSource
    void whatTheLibraryHasGoesEverywhere(Whither whither) {
        assertThat(leaving(whither, false).stays("base/kite")).isFalse();
    }

    @ParameterizedTest
    @EnumSource
    void factsAndUseNeverLeave(Whither whither) {
        assertThat(Leaving.of(What.FACT, whither)).isEqualTo(Fate.STAYS);
        assertThat(Leaving.of(What.USE, whither)).isEqualTo(Fate.STAYS);
    }

    @Test
    void aNameAndWhyWordsAreHeldGoIntoAPackageWhenSomebodySaysSo() {
        Leaving said = new Leaving(Whither.PACKAGE, new Answer(false, false, true, true, Instead.EMPTY), KNOWN::get);
        assertThat(said.nameGoes()).isTrue();
        assertThat(said.notesGo()).isTrue();
        Leaving not = new Leaving(Whither.PACKAGE, Answer.NOTHING, KNOWN::get);
        assertThat(not.nameGoes()).isFalse();
        assertThat(not.notesGo()).isFalse();
        assertThat(new Leaving(Whither.STUDENT, new Answer(true, true, true, true, Instead.EMPTY), KNOWN::get).notesGo()).as("to another student never")
            .isFalse();
    }

    @Test
    void onTheShelfEachSeesWhatIsHisOrHers() {
        assertThat(leaving(Whither.SHELF, false).stays(SISTER)).isFalse();
        assertThat(leaving(Whither.SHELF, true).stays(OTHERS)).isTrue();
    }
}
