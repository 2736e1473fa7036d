package org.dwimble.core.wordlist.kept;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Stream;
import org.dwimble.core.document.Json;
import org.dwimble.core.showing.Showing;
import org.dwimble.core.support.Offered;
import org.dwimble.core.support.Strip;
import org.dwimble.core.support.Support;
import org.dwimble.core.support.kept.SupportParts;
import org.dwimble.core.wordlist.ListedWord;
import org.dwimble.core.wordlist.WordList;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Lists last. The golden files of a format are frozen: if one of these tests fails after a change, the change would cost every school its
 * lists; make a new format instead. A new support adds itself to {@link RichList} and to the newest golden files.
 */
class ListDocumentTest {
    private static final WordList EVERY_SUPPORT_AS_USUAL = every(Offered.ALL);

    private static WordList every(List<Support> supports) {
        WordList list = WordList.of("Words", List.of());
        for (Support support : supports) {
            list = list.withSupport(support);
        }
        return list;
    }

    private static byte[] golden(String file) {
        try (InputStream in = ListDocumentTest.class.getResourceAsStream(file)) {
            return in.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String text(byte[] document) {
        return new String(document, StandardCharsets.UTF_8);
    }

    private static WordList read(String document) {
        return ListDocument.read(document.getBytes(StandardCharsets.UTF_8));
    }

    static Stream<Support> rich() {
        return RichList.SUPPORTS.stream();
    }

    @Test
    void aListIsWrittenAsTheGoldenFilesSay() {
        assertThat(text(ListDocument.write(RichList.list()))).isEqualTo(text(golden("format-3/rich.json")));
        assertThat(text(ListDocument.write(RichList.plain()))).isEqualTo(text(golden("format-3/plain.json")))
            .as("what is usual is left out").isEqualTo("{\"format\":3,\"name\":\"Words\",\"now\":\"cards\",\"words\":[{\"id\":\"a\",\"text\":\"kettle\"}]}");
    }

    @Test
    void whatEveryFormatKeptIsRead() {
        for (String format : List.of("format-1", "format-2", "format-3")) {
            // Until format 3 nothing was said of how a list is shown on a screen.
            WordList rich = format.equals("format-3") ? RichList.list() : RichList.list().withShowing(Showing.USUAL);
            assertThat(ListDocument.readAll(golden(format + "/rich.json"))).as(format).isEqualTo(new ListDocument.Read(rich, List.of()));
            assertThat(ListDocument.readAll(golden(format + "/plain.json"))).as(format).isEqualTo(new ListDocument.Read(RichList.plain(), List.of()));
        }
    }

    @Test
    void howAListIsShownThatCannotBeReadIsAsUsualAndTold() {
        ListDocument.Read read = ListDocument.readAll("{\"format\":3,\"name\":\"Words\",\"showing\":{\"book\":{\"size\":9000}},\"words\":[]}".getBytes(
            StandardCharsets.UTF_8));
        assertThat(read.list().showing()).isEqualTo(Showing.USUAL);
        assertThat(read.mended()).extracting("key").containsExactly("list-mended-showing");
        String later = "{\"format\":3,\"name\":\"Words\",\"now\":\"cards\",\"showing\":{\"as\":\"hologram\",\"smell\":\"kelp\"},\"words\":[]}";
        assertThat(text(ListDocument.write(read(later)))).as("what a later release knows is carried along").isEqualTo(later);
    }

    @Test
    void whatIsLeftOutIsAsItWasWhenItWasFirstLeftOut() {
        WordList first = ListDocument.read(golden("format-1/usual.json"));
        StringBuilder empty = new StringBuilder();
        first.supports().keySet().forEach(name -> empty.append(empty.length() == 0 ? "" : ",").append('"').append(name).append("\":{}"));
        WordList second = read("{\"format\":2,\"name\":\"Words\",\"supports\":{" + empty + "}}");
        first.supports().forEach((name, support) -> {
            if (name.equals("feelings-scale")) {
                assertThat(second.supports().get(name)).as("colours and numbers as before anybody could choose")
                    .isEqualTo(read(
                        "{\"format\":1,\"name\":\"Words\",\"now\":\"cards\",\"supports\":{\"feelings-scale\":{\"steps\":4,\"heading\":\"How strong is it?\"}}}")
                        .supports().get(name));
            } else {
                assertThat(second.supports().get(name)).isEqualTo(support);
            }
        });
        assertThat(second.page()).isEqualTo(first.page());
    }

    @ParameterizedTest
    @MethodSource("rich")
    void everySupportHasAPartOfItsOwnInWhichNothingIsLost(Support support) {
        ObjectNode kept = SupportParts.write(support);
        assertThat(SupportParts.of(support.name()).orElseThrow().read(kept)).isEqualTo(support);
        assertThat(kept).isEqualTo(Json.mapper().readTree(golden("format-3/rich.json")).path("supports").get(support.name()));
        assertThat(kept.size()).as("every field is away from what is usual, and so kept").isEqualTo(fields(support));
    }

    private static int fields(Support support) {
        boolean emptyRegion = support.name().equals("calendar");
        return support.getClass().getRecordComponents().length - (emptyRegion ? 1 : 0);
    }

    @Test
    void allSupportsThereAreHaveAPartAndStandInTheGoldenFiles() {
        assertThat(Offered.ALL).extracting(Support::name).doesNotHaveDuplicates()
            .containsExactlyElementsOf(RichList.SUPPORTS.stream().sorted((a, b) -> Integer.compare(at(a), at(b))).map(Support::name).toList());
        assertThat(ListDocument.read(ListDocument.write(EVERY_SUPPORT_AS_USUAL))).isEqualTo(EVERY_SUPPORT_AS_USUAL);
    }

    private static int at(Support support) {
        return Offered.ALL.stream().map(Support::name).toList().indexOf(support.name());
    }

    @Test
    void whatALaterReleaseKeptIsCarriedAlongWhereverItStands() {
        String later = "{\"format\":3,\"name\":\"Trip\",\"now\":\"strip\",\"page\":{\"bleed\":3000,\"paper\":\"a5\"},"
            + "\"rows\":[{\"instead\":{\"a\":{\"glow\":1,\"id\":\"z\",\"text\":\"gull\"}},\"mood\":\"calm\",\"name\":\"Nour\"}],\"season\":\"winter\","
            + "\"supports\":{\"hopscotch\":{\"squares\":[1,2]},\"strip\":{\"rope\":true,\"standing\":true}},"
            + "\"words\":[{\"glow\":[1,{\"a\":2}],\"id\":\"a\",\"text\":\"crab\"},{\"id\":\"b\",\"text\":\"seal\"}]}";
        WordList list = read(later);
        assertThat(text(ListDocument.write(list))).isEqualTo(later);
        assertThat(text(ListDocument.write(list.withName("Ferry")))).isEqualTo(later.replace("Trip", "Ferry"));
        assertThat(text(ListDocument.write(list.withSupport(new Strip(true, 4, Strip.USUAL.side(), Strip.Heads.NUMBERS, 540, 30, Strip.Done.POCKET)))))
            .isEqualTo(later.replace("\"rope\"", "\"inRow\":4,\"rope\""));
        assertThat(text(ListDocument.write(list.withWords(list.words().subList(1, 2))))).as("it goes with what it belongs to").doesNotContain("[1,{");
        assertThat(text(ListDocument.write(list.forOthers(p -> true)))).as("nobody can say who may see it").doesNotContain("glow", "mood", "season",
            "hopscotch");
        assertThat(text(ListDocument.write(list.forTeam(s -> false, p -> true)))).contains("glow");
    }

    @Test
    void aListSetToWhatALaterReleaseMadeOpensAsCardsAndIsThatStillUntilItIsSetToSomethingElse() {
        String later = "{\"format\":3,\"name\":\"Trip\",\"now\":\"hopscotch\",\"supports\":{\"hopscotch\":{\"squares\":8}},\"words\":[]}";
        ListDocument.Read read = ListDocument.readAll(later.getBytes(StandardCharsets.UTF_8));
        assertThat(read.list().now()).isEqualTo("cards");
        assertThat(read.mended()).extracting(t -> t.key()).containsExactly("list-later-support");
        assertThat(text(ListDocument.write(read.list()))).isEqualTo(later);
        assertThat(text(ListDocument.write(read.list().withSupport(Strip.USUAL)))).contains("\"now\":\"strip\"", "\"squares\":8");
    }

    @Test
    void oneOfAFewThatOnlyALaterReleaseKnowsCostsNeitherTheWordNorTheRestOfTheSupport() {
        String later = "{\"format\":3,\"name\":\"Trip\",\"now\":\"strip\",\"supports\":{\"strip\":{\"heads\":\"moons\",\"inRow\":4}},"
            + "\"words\":[{\"id\":\"a\",\"kind\":\"greeting\",\"text\":\"ahoy\"}]}";
        ListDocument.Read read = ListDocument.readAll(later.getBytes(StandardCharsets.UTF_8));
        assertThat(read.mended()).isEmpty();
        assertThat(read.list().words()).containsExactly(ListedWord.of("a", "ahoy", null, null));
        Strip strip = (Strip) read.list().support();
        assertThat(strip.inRow()).isEqualTo(4);
        assertThat(strip.heads()).isEqualTo(Strip.USUAL.heads());
        assertThat(text(ListDocument.write(read.list()))).isEqualTo(later);
        Strip timed = new Strip(false, 4, strip.side(), Strip.Heads.CLOCK, 540, 30, Strip.Done.POCKET);
        assertThat(text(ListDocument.write(read.list().withSupport(timed)))).as("what somebody chooses now counts").contains("\"heads\":\"clock\"")
            .doesNotContain("moons");
    }

    @Test
    void aSupportThatCannotBeUsedAsKeptIsAsUsualAndIsKeptUntilItIsSetUpAnew() {
        String later = "{\"format\":3,\"name\":\"Trip\",\"now\":\"strip\",\"supports\":{\"strip\":{\"inRow\":-4,\"standing\":true}},\"words\":[]}";
        ListDocument.Read read = ListDocument.readAll(later.getBytes(StandardCharsets.UTF_8));
        assertThat(read.list().support()).isEqualTo(Strip.USUAL);
        assertThat(read.mended()).extracting(t -> t.key()).containsExactly("list-mended-support");
        assertThat(text(ListDocument.write(read.list()))).isEqualTo(later);
        assertThat(text(ListDocument.write(read.list().withSupport(Strip.USUAL)))).contains("\"strip\":{}");
    }

    @Test
    void whatAnEarlierReleaseShouldNotHaveTakenIsLeftOutAndTold() {
        ObjectNode kept = (ObjectNode) Json.mapper().readTree(golden("format-1/rich.json"));
        ((ObjectNode) kept.path("words").get(0)).putArray("pictures").add("x").add("base/crab");
        ((ObjectNode) kept.path("words").get(2)).put("times", -3);
        ((ObjectNode) kept.path("rows").get(0)).put("photo", "nobody");
        ((ObjectNode) kept.path("rows").get(1)).put("name", "");
        ((ObjectNode) kept.path("supports").path("strip")).putNull("side").put("heads", 7);
        ((ObjectNode) kept.path("page")).put("margin", -1);
        ListDocument.Read read = ListDocument.readAll(kept.toString().getBytes(StandardCharsets.UTF_8));
        assertThat(read.mended()).extracting(t -> t.key()).containsExactlyInAnyOrder("list-mended-picture", "list-mended-word", "list-mended-photo",
            "list-mended-row", "list-mended-support", "list-mended-page");
        assertThat(read.list().words()).extracting(ListedWord::id).containsExactly("w1", "w2");
        assertThat(read.list().words().get(0).pictures()).containsExactly("base/crab");
        assertThat(read.list().support("strip")).isEqualTo(Strip.USUAL);
        assertThat(ListDocument.readAll(ListDocument.write(RichList.list())).mended()).isEmpty();
    }

    @Test
    void aFormatOfALaterReleaseIsRefused() {
        assertThatThrownBy(() -> read("{\"format\":4}")).hasMessage("document-too-new {format=4, newest=3}");
    }

    @Test
    void equalListsHaveTheSameBytes() {
        JsonNode once = Json.mapper().readTree(ListDocument.write(RichList.list()));
        assertThat(ListDocument.write(read(once.toString()))).isEqualTo(ListDocument.write(RichList.list()));
    }
}
