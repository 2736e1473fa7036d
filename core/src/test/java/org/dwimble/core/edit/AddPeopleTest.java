package org.dwimble.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.drawn;
import static org.dwimble.core.Boards.ids;
import static org.dwimble.core.Boards.vocabulary;

import java.util.Collections;
import java.util.List;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.people.AddPeople;
import org.dwimble.core.edit.people.Folk;
import org.dwimble.core.told.Unacceptable;
import org.junit.jupiter.api.Test;

class AddPeopleTest {
    private final Vocabulary boards = vocabulary(board("home", "people>people I ."),
        who(board("people", "mum . dad", "sister more>more .", "back:back home:home .")),
        who(board("more", "cook . .", ". . .", "back:back home:home .")));

    private static Board who(Board board) {
        return board.withButtons(board.buttons().stream().map(b -> b.isWord() ? b.withFace(b.face().withKind(Kind.WHO)) : b).toList());
    }

    private static AddPeople.Person person(String name, String general) {
        return new AddPeople.Person(name, general, null, null);
    }

    private Vocabulary added(AddPeople.Person... people) {
        return new AddPeople(List.of(people)).on(boards, ids()).after();
    }

    @Test
    void somebodyGoesBesideTheGeneralWordWhichStays() {
        Board people = added(person("Lot", "mum")).boards().get("people");
        assertThat(drawn(people)).containsExactly("mum Lot dad", "sister more .", "back home .");
        assertThat(people.buttons()).filteredOn(b -> b.label().equals("Lot")).extracting(Button::kind).containsExactly(Kind.WHO);
    }

    @Test
    void severalAreEachPutNearestWhatIsLeftAndThenOnTheFurtherBoard() {
        Vocabulary after = added(person("Lot", "sister"), person("Bo", "Sister"), person("Jip", "dad"), person("Piet", "cook"), person("Ans", "mum"));
        assertThat(drawn(after.boards().get("people"))).containsExactly("mum Lot dad", "sister more Bo", "back home Jip");
        assertThat(drawn(after.boards().get("more"))).containsExactly("cook Piet .", "Ans . .", "back home .");
    }

    @Test
    void somebodyNoWordFitsGoesOnTheBoardWithMostWhoWords() {
        assertThat(drawn(added(person("Vos", "")).boards().get("people")).get(0)).isEqualTo("mum Vos dad");
        assertThat(drawn(added(person("Vos", "vicar")).boards().get("people")).get(0)).isEqualTo("mum Vos dad");
    }

    @Test
    void aKindOfPeopleHasABoardOfItsOwnMadeWithTheFirstOfThem() {
        Vocabulary after = added(new AddPeople.Person("Lot", "sister", "base/girl", Folk.FAMILY), new AddPeople.Person("Ans", "", null, Folk.FAMILY),
            person("Jip", "mum"));
        assertThat(drawn(after.boards().get("people"))).as("its opener where Lot would have gone").containsExactly("mum Family dad", "sister more Jip",
            "back home .");
        Button opener = after.boards().get("people").buttons().stream().filter(b -> b.label().equals("Family")).findFirst().orElseThrow();
        Board family = after.boards().get(((Leads.Opens) opener.leads()).board());
        assertThat(drawn(family)).containsExactly("Lot Ans .", ". . .", "back home .");
        assertThat(opener.picture()).isEqualTo("base/girl");
        Vocabulary again = new AddPeople(List.of(new AddPeople.Person("Opa", "grandpa", null, Folk.FAMILY))).on(after, () -> "later").after();
        assertThat(drawn(again.boards().get(family.id())).get(0)).as("the board that is there").isEqualTo("Lot Ans Opa");
        assertThat(Folk.of(" Sister ")).contains(Folk.FAMILY);
        assertThat(Folk.of("pilot")).isEmpty();
    }

    @Test
    void whoHasNoRoomIsNamedAndNothingIsHalfDone() {
        AddPeople many = new AddPeople(Collections.nCopies(12, person("Lot", "mum")));
        assertThatThrownBy(() -> many.on(boards, ids())).isInstanceOf(Unacceptable.class).hasMessage("no-room-for-person {name=Lot}");
        assertThatThrownBy(() -> new AddPeople(List.of())).hasMessageContaining("nobody-to-add");
        assertThatThrownBy(() -> person(" ", "mum")).hasMessageContaining("person-without-name");
    }
}
