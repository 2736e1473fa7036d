package org.dwimble.core.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.dwimble.core.board.Acts;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.ContentHash;
import org.dwimble.core.board.Extras;
import org.dwimble.core.board.Face;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Layer;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Origin;
import org.dwimble.core.board.Says;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Shown;
import org.dwimble.core.board.Span;
import org.dwimble.core.board.Standing;
import org.dwimble.core.board.Whole;
import org.dwimble.core.doing.AddWords;
import org.dwimble.core.doing.Doing;
import org.dwimble.core.doing.Faster;
import org.dwimble.core.doing.Louder;
import org.dwimble.core.doing.OfLater;
import org.dwimble.core.doing.OtherAction;
import org.dwimble.core.doing.Quieter;
import org.dwimble.core.doing.SayText;
import org.dwimble.core.doing.Slower;
import org.dwimble.core.doing.Spell;
import org.dwimble.core.doing.StopTalking;
import org.dwimble.core.look.Look;
import org.dwimble.core.told.Told;
import org.dwimble.core.voice.HowSaid;
import org.dwimble.core.voice.Manner;
import org.dwimble.core.voice.When;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/**
 * Documents last. The golden files of a format are frozen: if one of these tests fails after a change, the change would
 * cost every school its data; make a new format instead.
 */
class DocumentTest {
    private static final String PHOTO = "own/" + "ab".repeat(32);
    private static final String SOUND = "own/" + "cd".repeat(32);

    private static JsonNode json(String text) {
        return Json.mapper().readTree(text);
    }

    /** Has every field there is, away from its default. */
    private static Board rich() {
        Button ferry = new Button("f1", new Standing(new Cell(0, 0), new Span(1, 2)), Face.of("ferry", PHOTO, Kind.THING),
            new Acts(new Says.Words("The ferry is here."), SOUND, List.of(), new Leads.Opens("b2")), Shown.YES,
            Extras.ofPackage(Map.of("ext_x", json("{\"deep\":[1,2.50]}"))));
        Button letter = new Button("a1", Standing.at(new Cell(1, 0)), Face.of("a", null, null),
            new Acts(Says.NOTHING, null, List.of(new Spell("a"), Doing.SPACE, Doing.TAKE_LAST_OFF, Doing.CLEAR, Doing.SAY), Leads.STAYS), Shown.NO,
            Extras.NONE);
        Button wait = new Button("w1", Standing.at(new Cell(1, 3)), Face.of("wait", null, Kind.SOCIAL),
            new Acts(new Says.Words("Wait for me"), new HowSaid(Manner.SHOUTED, When.AT_ONCE, "wait for mee"), null,
                List.of(new SayText("Listen."), Doing.OWN_WORD, new AddWords("please"), new StopTalking(), new Louder(), new Quieter(), new Faster(),
                    new Slower(), new OtherAction("{\"ext\":1.50}"), new OfLater("{\"glow\":[1,true]}")),
                Leads.STAYS),
            Shown.YES, Extras.NONE);
        Button kite = Button.word("k1", new Cell(0, 2), "kite", null, Kind.THING)
            .withFace(new Face("", List.of(Layer.whole("base/kite"), new Layer(PHOTO, 500, 600, 400)), Kind.THING));
        return new Board("b1", "Harbour 🦀", new Shape(2, 4), Look.PLAIN,
            List.of(ferry, letter, wait, kite, Button.leading("h", new Cell(1, 1), "home", "base/house", Leads.HOME),
                Button.leading("z", new Cell(1, 2), "back", null, Leads.BACK)),
            new Board.Facts(Map.of(PHOTO, json("{\"width\":40}")), Map.of(SOUND, json("{\"duration\":1.5}"))),
            Extras.ofPackage(Map.of("ext_board", json("1e3"), "description_html", json("\"ü\""))));
    }

    private static byte[] golden(String file) {
        try (InputStream in = DocumentTest.class.getResourceAsStream(file)) {
            return in.readAllBytes();
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    @Test
    void aBoardIsWrittenAsTheGoldenFileSaysWithTheSameHash() {
        assertThat(new String(BoardDocument.write(rich()), StandardCharsets.UTF_8))
            .isEqualTo(new String(golden("format-3/board.json"), StandardCharsets.UTF_8));
        assertThat(ContentHash.hex(BoardDocument.write(rich()))).isEqualTo(new String(golden("format-3/board.sha256"), StandardCharsets.UTF_8).strip());
        Whole whole = new Whole("Ilse’s words", "b1", "en-GB", Extras.ofPackage(Map.of("ext_package", json("{\"a\":0.10}"))));
        assertThat(new String(WholeDocument.write(whole), StandardCharsets.UTF_8)).isEqualTo(new String(golden("format-2/whole.json"), StandardCharsets.UTF_8));
        assertThat(WholeDocument.read(golden("format-2/whole.json"))).isEqualTo(whole);
    }

    @Test
    void aBoardReadBackIsTheSameBoard() {
        assertThat(BoardDocument.read(BoardDocument.write(rich()))).isEqualTo(rich());
    }

    @Test
    void whatTheFirstReleaseWroteIsRead() {
        Board read = BoardDocument.read(golden("format-1/board.json"));
        assertThat(read.name()).isEqualTo("Harbour");
        assertThat(read.button("f1").orElseThrow()).satisfies(b -> {
            assertThat(b.span()).isEqualTo(new Span(1, 2));
            assertThat(b.says()).isEqualTo(new Says.Words("The ferry is here."));
            assertThat(b.leads()).isEqualTo(new Leads.Opens("b/2"));
            assertThat(b.extras().ofPackage()).containsOnlyKeys("background_color", "ext_other_tool");
            assertThat(b.extras().ofPackage().get("ext_other_tool").get("deep").get(1).decimalValue()).as("every digit").isEqualTo(new BigDecimal("2.50"));
        });
        assertThat(read.button("a1").orElseThrow()).satisfies(b -> {
            assertThat(b.doings()).containsExactly(new Spell("a"), Doing.SPACE);
            assertThat(b.hidden()).isTrue();
            assertThat(b.kind()).as("it is no word").isNull();
        });
        assertThat(read.button("k1").orElseThrow().layers()).containsExactly(Layer.whole("base/kite"), new Layer(PHOTO, 500, 600, 400));
        assertThat(read.facts().pictures()).containsOnlyKeys(PHOTO);
        assertThat(WholeDocument.read(golden("format-1/whole.json"))).isEqualTo(new Whole("Ilse’s words", "b1", "en-GB", Extras.NONE));
    }

    @Test
    void whatTheSecondReleaseWroteIsReadAsItWasThen() {
        Board read = BoardDocument.read(golden("format-2/board.json"));
        assertThat(read.button("f1")).isEqualTo(rich().button("f1"));
        assertThat(read.button("a1")).isEqualTo(rich().button("a1"));
        assertThat(read.facts()).isEqualTo(rich().facts());
        String second = "{\"buttons\":[{\"at\":[0,0],\"does\":[\"say\",{\"spell\":\"x\"}],\"extras\":{\"actions\":"
            + "\"[\\\":native\\\",\\\":speak\\\",{\\\"a\\\":1.50},\\\"+x\\\",\\\":home\\\"]\",\"ext_x\":\"1\"},\"id\":\"x\",\"label\":\"crab\"},"
            + "{\"at\":[0,1],\"does\":[\"clear\"],\"extras\":{\"actions\":\"[\\\":native\\\",\\\":speak\\\"]\"}"
            + ",\"id\":\"y\",\"label\":\"gull\",\"says\":{\"words\":\"Gull!\"}}],"
            + "\"columns\":2,\"format\":2,\"id\":\"b\",\"name\":\"B\",\"rows\":1}";
        Board carrying = BoardDocument.read(second.getBytes(StandardCharsets.UTF_8));
        assertThat(carrying.button("x").orElseThrow()).satisfies(b -> {
            assertThat(b.doings()).containsExactly(new OtherAction("\":native\""), Doing.SAY, new OtherAction("{\"a\":1.50}"), new Spell("x"));
            assertThat(b.says()).as("what did something said nothing").isEqualTo(Says.NOTHING);
            assertThat(b.extras().ofPackage()).containsOnlyKeys("ext_x");
        });
        assertThat(carrying.button("y").orElseThrow()).satisfies(b -> {
            assertThat(b.doings()).as("what it does by now, then what it came with").containsExactly(Doing.CLEAR, new OtherAction("\":native\""));
            assertThat(b.says()).isEqualTo(Says.NOTHING);
            assertThat(b.extras()).isEqualTo(Extras.NONE);
        });
    }

    @Test
    void aDoingOfALaterReleaseIsKeptInItsPlace() {
        String later = "{\"buttons\":[{\"at\":[0,0],\"does\":[\"clear\",{\"glow\":[1,{\"a\":true}]},\"shine\",{\"spell\":\"\"}"
            + ",\"say\"],\"id\":\"x\",\"label\":\"crab\"}],"
            + "\"columns\":1,\"format\":3,\"id\":\"b\",\"name\":\"B\",\"rows\":1}";
        Board read = BoardDocument.read(later.getBytes(StandardCharsets.UTF_8));
        assertThat(read.button("x").orElseThrow().doings()).hasSize(5).startsWith(Doing.CLEAR).endsWith(Doing.SAY);
        assertThat(read.button("x").orElseThrow().isWord()).as("whether it is a word depends on what it says alone").isTrue();
        assertThat(new String(BoardDocument.write(read.withName("C")), StandardCharsets.UTF_8)).isEqualTo(later.replace("\"B\"", "\"C\""));
    }

    @Test
    void equalBoardsHaveTheSameBytesWhateverOrderTheyWereMadeIn() {
        List<Button> reversed = new ArrayList<>(rich().buttons());
        Collections.reverse(reversed);
        assertThat(BoardDocument.write(rich().withButtons(reversed))).isEqualTo(BoardDocument.write(rich()));
    }

    @Test
    void whatIsUsualIsLeftOut() {
        Board plain = Board.empty("b", "B", new Shape(1, 1)).with(Button.word("x", new Cell(0, 0), "crab", null, null));
        assertThat(new String(BoardDocument.write(plain), StandardCharsets.UTF_8))
            .isEqualTo("{\"buttons\":[{\"at\":[0,0],\"id\":\"x\",\"label\":\"crab\"}],\"columns\":1,\"format\":3,\"id\":\"b\",\"name\":\"B\",\"rows\":1}");
    }

    @Test
    void whereAWordWasBroughtFromIsKeptAndItsIdThereOnlyIfThatIsAnother() {
        Button crab = Button.word("x", new Cell(0, 0), "crab", null, null).withOrigin(new Origin("12", 3, "x"));
        Board plain = Board.empty("b", "B", new Shape(1, 2)).with(crab)
            .with(Button.word("y", new Cell(0, 1), "gull", null, null).withOrigin(new Origin("12", 4, "z")));
        assertThat(new String(BoardDocument.write(plain), StandardCharsets.UTF_8)).contains("\"from\":[\"12\",3],\"id\":\"x\"", "\"from\":[\"12\",4,\"z\"]");
        assertThat(BoardDocument.read(BoardDocument.write(plain))).isEqualTo(plain);
    }

    @Test
    void fieldsOfALaterReleaseAreKeptAsTheyAre() {
        String later = "{\"buttons\":[{\"at\":[0,0],\"glow\":[1,{\"a\":true}],\"id\":\"x\",\"label\":\"crab\"}],\"columns\":1,\"format\":3,"
            + "\"id\":\"b\",\"name\":\"B\",\"rows\":1,\"season\":\"winter\"}";
        Board read = BoardDocument.read(later.getBytes(StandardCharsets.UTF_8));
        assertThat(new String(BoardDocument.write(read), StandardCharsets.UTF_8)).isEqualTo(later);
        Board renamed = read.withName("C");
        assertThat(new String(BoardDocument.write(renamed), StandardCharsets.UTF_8)).isEqualTo(later.replace("\"B\"", "\"C\""));
    }

    @Test
    void aFormatOfALaterReleaseIsRefused() {
        assertThatThrownBy(() -> BoardDocument.read("{\"format\":4}".getBytes(StandardCharsets.UTF_8))).hasMessage("document-too-new {format=4, newest=3}");
    }

    @ParameterizedTest
    @ValueSource(strings = {"1.50", "1e3", "-0", "12345678901234567890123", "0.1000000000000000055511151231257827", "\"\\u001f\\u2028\"", "[null,true,{}]"})
    void whatIsCarriedAlongKeepsEveryDigit(String carried) {
        Board board = rich().withExtras(Extras.ofPackage(Map.of("ext_x", json(carried))));
        assertThat(BoardDocument.read(BoardDocument.write(board)).extras().ofPackage().get("ext_x")).isEqualTo(json(carried));
    }

    @Test
    void whatIsToldIsReadBackAsItWas() {
        Told told = Told.of("took-back", "what", Told.of("put", "words", List.of("kite", "“x”"), "more", 0, "board", "Harbour"));
        assertThat(ToldDocument.read(ToldDocument.write(told))).isEqualTo(told);
        assertThat(ToldDocument.read("{\"key\":\"copied\"}")).isEqualTo(Told.of("copied"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"{}", "[]", "{\"b\":1,\"a\":[true,false,null,{}],\"\u00e9\":\"x\",\"e\u0301\":2}",
        "[0,-0,1,-1,1.5,1e21,1e-7,333333333.33333329,4.50,2e-3,9007199254740993,123456789012]",
        "\"\\u0000\\u001f\\b\\t\\n\\f\\r\\\"\\\\/\u007f\u2028\ud83e\udd80\"", "{\"\ud83e\udd80\":1,\"\ufb33\":2,\"\u20ac\":3,\"\\r\":4,\"1\":5}",
        "[[[{\"x\":[]}]]]"})
    void theCanonicalFormIsThatOfTheStandardsOwnLibrary(String json) throws Exception {
        String wrapped = "{\"it\":" + json + "}";
        assertThat(new String(Json.canonical(json(wrapped)), StandardCharsets.UTF_8))
            .isEqualTo(new org.erdtman.jcs.JsonCanonicalizer(wrapped).getEncodedString());
    }
}
