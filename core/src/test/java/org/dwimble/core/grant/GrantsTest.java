package org.dwimble.core.grant;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class GrantsTest {
    private static final long THERAPIST = 1;
    private static final long FATHER = 2;
    private static final Thing ILSE = Thing.student("ilse");
    private static final Thing HER_WORDS = Thing.vocabulary(7);

    private static Grant given(long account, Role role, Thing thing) {
        return new Grant(new Who.Person(account), role, thing);
    }

    @Test
    void whatIsNotGivenIsNotThere() {
        assertThat(new Grants(List.of()).acts(THERAPIST, HER_WORDS, ILSE)).isEmpty();
        assertThat(new Grants(List.of(given(THERAPIST, Role.OWNER, ILSE))).acts(FATHER, HER_WORDS, ILSE)).isEmpty();
        assertThat(new Grants(List.of(given(THERAPIST, Role.OWNER, Thing.student("sefa")))).acts(THERAPIST, HER_WORDS, ILSE)).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(names = "KEEPER", mode = EnumSource.Mode.EXCLUDE)
    void whoeverIsGivenAStudentMayDoTheSameWithAllThatIsTheStudents(Role role) {
        Grants grants = new Grants(List.of(given(THERAPIST, role, ILSE)));
        assertThat(grants.acts(THERAPIST, HER_WORDS, ILSE)).isEqualTo(role.acts());
        assertThat(grants.acts(THERAPIST, ILSE, null)).isEqualTo(role.acts());
        assertThat(grants.acts(THERAPIST, HER_WORDS, null)).as("what belongs to nobody").isEmpty();
    }

    @Test
    void whoeverLooksAfterTheAccountsIsGivenNothingOfAStudent() {
        Grants grants = new Grants(List.of(given(FATHER, Role.KEEPER, Thing.SCHOOL)));
        assertThat(grants.acts(FATHER, Thing.SCHOOL, null)).containsExactly(Act.KEEP);
        assertThat(grants.acts(FATHER, ILSE, null)).isEmpty();
        assertThat(grants.acts(FATHER, HER_WORDS, ILSE)).isEmpty();
    }

    @Test
    void twoGrantsAreTakenTogether() {
        Grants grants = new Grants(List.of(given(FATHER, Role.PRINTER, ILSE), given(FATHER, Role.TALKER, ILSE)));
        assertThat(grants.acts(FATHER, HER_WORDS, ILSE)).containsExactly(Act.SEE, Act.TALK, Act.LOOK, Act.PRINT);
    }

    @Test
    void whatIsGivenToEverybodyIsEverybodys() {
        Thing starter = Thing.vocabulary(1);
        Grants grants = new Grants(List.of(new Grant(Who.EVERYBODY, Role.VIEWER, starter)));
        assertThat(grants.may(FATHER, Act.PRINT, starter, null)).isTrue();
        assertThat(grants.may(FATHER, Act.CHANGE, starter, null)).isFalse();
    }

    @Test
    void whatIsGivenToATeamFollowsWhoIsOnIt() {
        Thing photo = Thing.picture(3);
        List<Grant> lines = new ArrayList<>(List.of(new Grant(new Who.TeamOf("ilse"), Role.VIEWER, photo), given(THERAPIST, Role.EDITOR, ILSE)));
        assertThat(new Grants(lines).may(THERAPIST, Act.SEE, photo, null)).isTrue();
        assertThat(new Grants(lines).may(FATHER, Act.SEE, photo, null)).isFalse();
        lines.add(given(FATHER, Role.VIEWER, ILSE));
        assertThat(new Grants(lines).may(FATHER, Act.SEE, photo, null)).isTrue();
        lines.remove(lines.size() - 1);
        lines.add(given(FATHER, Role.TALKER, ILSE));
        assertThat(new Grants(lines).may(FATHER, Act.SEE, photo, null)).as("who only talks is on no team").isFalse();
    }

    @Test
    void aTeamGivenAStudentIsNotThatStudentsTeam() {
        Grants circle = new Grants(List.of(new Grant(new Who.TeamOf("sefa"), Role.OWNER, ILSE), new Grant(new Who.TeamOf("ilse"), Role.OWNER, Thing.student(
            "sefa"))));
        assertThat(circle.is(THERAPIST)).containsExactlyInAnyOrder(new Who.Person(THERAPIST), Who.EVERYBODY);
        assertThat(circle.acts(THERAPIST, ILSE, null)).isEmpty();
    }

    @Test
    void onlyOwnersOwnOnlyEditorsChangeAndOnlyKeepersKeep() {
        assertThat(having(Act.OWN)).containsExactly(Role.OWNER);
        assertThat(having(Act.CHANGE)).containsExactly(Role.OWNER, Role.EDITOR);
        assertThat(having(Act.KNOW)).containsExactly(Role.OWNER, Role.EDITOR);
        assertThat(having(Act.TAKE)).containsExactly(Role.OWNER, Role.EDITOR, Role.VIEWER);
        assertThat(having(Act.PRINT)).containsExactly(Role.OWNER, Role.EDITOR, Role.VIEWER, Role.PRINTER);
        assertThat(having(Act.TALK)).containsExactly(Role.OWNER, Role.EDITOR, Role.VIEWER, Role.TALKER);
        assertThat(having(Act.KEEP)).containsExactly(Role.KEEPER);
        assertThat(EnumSet.allOf(Role.class).stream().filter(r -> !r.may(Act.SEE))).containsExactly(Role.KEEPER);
    }

    private static Set<Role> having(Act act) {
        Set<Role> roles = EnumSet.noneOf(Role.class);
        Arrays.stream(Role.values()).filter(r -> r.may(act)).forEach(roles::add);
        return roles;
    }

    @Test
    void aNeedIsReadAsItWasWritten() {
        for (Act act : Act.values()) {
            Need need = new Need(act, ILSE);
            assertThat(Need.read(need.written())).contains(need);
        }
        assertThat(new Need(Act.PRINT, Thing.list(5)).written()).isEqualTo("print:list:5");
        for (String other : List.of("", "list:5", "print:list:", "print:boat:5", "sell:list:5", "keep:school:")) {
            assertThat(Need.read(other)).as(other).isEmpty();
        }
    }

    @Test
    void theSchoolIsForKeepersAndNothingElseIs() {
        assertThatThrownBy(() -> given(FATHER, Role.KEEPER, ILSE)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> given(FATHER, Role.OWNER, Thing.SCHOOL)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Thing(Thing.Sort.SCHOOL, "ilse")).isInstanceOf(IllegalArgumentException.class);
    }
}
