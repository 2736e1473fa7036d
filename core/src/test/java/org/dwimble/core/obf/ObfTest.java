package org.dwimble.core.obf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.drawn;
import static org.dwimble.core.Boards.vocabulary;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TimeZone;
import org.dwimble.core.board.Acts;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Extras;
import org.dwimble.core.board.Face;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Layer;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Says;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Shown;
import org.dwimble.core.board.Span;
import org.dwimble.core.board.Standing;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.board.Whole;
import org.dwimble.core.dayword.DayWord;
import org.dwimble.core.document.BoardDocument;
import org.dwimble.core.document.Json;
import org.dwimble.core.document.WholeDocument;
import org.dwimble.core.doing.Doing;
import org.dwimble.core.doing.OfLater;
import org.dwimble.core.doing.OtherAction;
import org.dwimble.core.doing.SayText;
import org.dwimble.core.doing.Spell;
import org.dwimble.core.look.Colour;
import org.dwimble.core.look.ColouredPaper;
import org.dwimble.core.look.LabelPlace;
import org.dwimble.core.look.Look;
import org.dwimble.core.look.TypeSize;
import org.dwimble.core.plan.Hold;
import org.dwimble.core.plan.Plan;
import org.dwimble.core.plan.Step;
import org.dwimble.core.told.Told;
import org.dwimble.core.voice.HowSaid;
import org.dwimble.core.voice.Manner;
import org.dwimble.core.voice.When;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

class ObfTest {
    private static final byte[] PHOTO = {1, 2, 3, 4};
    private static final String PHOTO_ID = "own/" + "ab".repeat(32);

    @TempDir
    Path folder;
    private final Kept media = new Kept();

    /** Keeps bytes in memory; "bad" is not taken. */
    private static final class Kept implements Media {
        private final Map<String, Item> items = new HashMap<>(Map.of(
            PHOTO_ID, new Item(PHOTO_ID, "image/png", "photo.png", PHOTO), "base/kite",
            new Item("base/kite", "image/svg+xml", "kite.svg", "<svg/>".getBytes())));

        @Override
        public Media.Kept keep(byte[] bytes, String symbol) {
            if (symbol != null && Arrays.equals(items.get(symbol).bytes(), bytes)) {
                return new Media.Kept(symbol, null);
            }
            return new String(bytes).startsWith("bad") ? new Media.Kept(null, Told.of("drawing-program")) : new Media.Kept(PHOTO_ID, null);
        }

        @Override
        public Optional<Item> find(String id) {
            return Optional.ofNullable(items.get(id));
        }
    }

    private ObfReader.Read read(byte[] bytes, String name, PackageLimits limits) throws IOException, Refused {
        Path file = Files.write(folder.resolve("file"), bytes);
        return new ObfReader(media, limits).read(file, name);
    }

    private ObfReader.Read read(String json) throws IOException, Refused {
        return read(formatted(json).getBytes(StandardCharsets.UTF_8), "board.obf", PackageLimits.USUAL);
    }

    /** With the format it is in, unless it says one. */
    private static String formatted(String json) {
        return json.startsWith("{\"") && !json.contains("\"format\"") ? "{\"format\":\"open-board-0.1\"," + json.substring(1) : json;
    }

    private static Map<String, String> pack(String manifest, String... namesAndJson) {
        Map<String, String> files = new LinkedHashMap<>(Map.of("manifest.json", formatted(manifest)));
        for (int i = 0; i < namesAndJson.length; i += 2) {
            files.put(namesAndJson[i], formatted(namesAndJson[i + 1]));
        }
        return files;
    }

    private static Vocabulary rich() {
        JsonNode ext = Json.mapper().readTree("{\"deep\":[1,2.50,{\"x\":null}],\"text\":\"ü\"}");
        Button ferry = new Button("f1", new Standing(new Cell(0, 0), new Span(1, 2)), Face.of("ferry", PHOTO_ID, Kind.THING),
            new Acts(new Says.Words("The ferry is here."), null, List.of(), new Leads.Opens("b2")), Shown.YES,
            Extras.ofPackage(Map.of("ext_other_tool", ext, "background_color", ext.get("text"))));
        Button letter = new Button("a1", Standing.at(new Cell(1, 0)), Face.of("a", null, null),
            new Acts(Says.NOTHING, null, List.of(new Spell("a"), Doing.SPACE), Leads.STAYS), Shown.NO, Extras.NONE);
        Button kite = Button.word("k1", new Cell(0, 2), "kite", null, Kind.THING)
            .withFace(new Face("kite", List.of(Layer.whole("base/kite"), new Layer(PHOTO_ID, 500, 600, 400)), Kind.THING));
        Board home = new Board("b1", "Harbour", new Shape(2, 3), Look.PLAIN, List.of(ferry, letter, kite),
            new Board.Facts(Map.of(PHOTO_ID, Json.mapper().readTree("{\"width\":40,\"license\":{\"type\":\"CC BY\"},\"ext_photo\":true}")), Map.of()),
            Extras.ofPackage(Map.of("ext_board", ext, "description_html", ext.get("text"))));
        Button lost = Button.leading("x", new Cell(0, 2), "lost", null, new Leads.Opens("gone"));
        Button wait = Button.word("w", new Cell(0, 3), "wait", null, Kind.SOCIAL)
            .withActs(new Acts(Says.LABEL, new HowSaid(Manner.SHOUTED, When.WITH_MESSAGE, "wait for mee"), null,
                List.of(Doing.CLEAR, Doing.OWN_WORD, new SayText("Listen."), new OtherAction("{\"x\":1.50}"), new OfLater("{\"glow\":[1,true]}")), Leads.HOME));
        Button today = Button.word("t", new Cell(0, 4), "today", null, Kind.THING);
        Board second = Board.empty("b2", "Boat", new Shape(1, 5))
            .withButtons(List.of(wait, Button.leading("h", new Cell(0, 0), "home", null, Leads.HOME),
                Button.leading("back", new Cell(0, 1), "back", null, Leads.BACK),
                lost.withActs(lost.acts().withSays(Says.LABEL)), today.withActs(today.acts().withSays(new Says.OfDay(DayWord.TODAY)))));
        return new Vocabulary(new Whole("Ilse’s words", "b1", "en-GB", Extras.ofPackage(Map.of("ext_package", ext))), Map.of("b1", home, "b2", second));
    }

    @Test
    void aDayWordHasItsNameForOthersAndItsDayForUs() throws IOException, Refused {
        String boat = new String(new ObfWriter(media).obf(rich().board("b2").orElseThrow(), rich()), StandardCharsets.UTF_8);
        assertThat(boat).contains("\"ext_dwimble_day\":\"today\"");
        JsonNode later = Json.mapper().readTree(boat.replace("\"ext_dwimble_day\":\"today\"", "\"ext_dwimble_day\":\"tide\""));
        Button read = read(later.toString()).vocabulary().homeBoard().buttons().stream().filter(b -> b.label().equals("today")).findFirst().orElseThrow();
        assertThat(read.says()).isEqualTo(Says.LABEL);
        assertThat(read.extras().ofPackage()).containsEntry("ext_dwimble_day", later.get("buttons").get(4).get("ext_dwimble_day"));
    }

    private JsonNode wait(Vocabulary vocabulary) {
        return Json.mapper().readTree(new ObfWriter(media).obf(vocabulary.board("b2").orElseThrow(), vocabulary)).get("buttons").get(3);
    }

    @Test
    void whatTheStandardHasNoActionForGoesBesideItsActions() throws IOException {
        JsonNode wait = wait(rich());
        assertThat(wait.get("actions").toString()).isEqualTo("[\":clear\",{\"x\":1.50},\":home\"]");
        assertThat(wait.get("ext_dwimble_does").toString())
            .isEqualTo("[\"clear\",\"word\",{\"say-text\":\"Listen.\"},{\"action\":\"{\\\"x\\\":1.50}\"},{\"glow\":[1,true]}]");
        assertThat(wait.get("ext_dwimble_manner").asString()).isEqualTo("shouted");
        assertThat(wait.get("ext_dwimble_when").asString()).isEqualTo("with-message");
        assertThat(wait.get("ext_dwimble_say_as").asString()).isEqualTo("wait for mee");
        assertThat(new ObfWriter(media).obf(rich().homeBoard(), rich())).asString(StandardCharsets.UTF_8).as("where it has, that alone")
            .doesNotContain("_does");
    }

    @Test
    void anotherProgramsChangeOfTheActionsCounts() throws Exception {
        String changed = new String(new ObfWriter(media).obf(rich().board("b2").orElseThrow(), rich()), StandardCharsets.UTF_8)
            .replace("\":clear\",{\"x\":1.50}", "\":speak\"");
        Button wait = read(changed).vocabulary().homeBoard().button("w").orElseThrow();
        assertThat(wait.doings()).containsExactly(Doing.SAY);
        assertThat(wait.leads()).isEqualTo(Leads.HOME);
    }

    @Test
    void whatALetterOfAnotherProgramIsReadAsIsNoWordOfTheMessage() throws Exception {
        Button letter = read(
            "{\"format\":\"open-board-0.1\",\"id\":\"b\",\"name\":\"N\",\"buttons\":[{\"id\":\"1\",\"label\":\"q\",\"vocalization\":\"queue\","
                + "\"action\":\"+q\"}],"
                + "\"grid\":{\"rows\":1,\"columns\":1,\"order\":[[\"1\"]]}}")
            .vocabulary().homeBoard().buttons().get(0);
        assertThat(letter.how().when()).isEqualTo(When.AT_ONCE);
        assertThat(letter.doings()).containsExactly(new Spell("q"));
    }

    private byte[] written(Vocabulary vocabulary) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        new ObfWriter(media).obz(vocabulary, out);
        return out.toByteArray();
    }

    @Test
    void aPackageWrittenAndReadBackIsTheSameVocabularyWithEveryUnknownKey() throws Exception {
        ObfReader.Read read = read(written(rich()), "x.obz", PackageLimits.USUAL);
        assertThat(read.vocabulary()).isEqualTo(rich());
        assertThat(read.findings()).containsExactly(Told.of("found-carried-along", "keys", List.of("background_color", "description_html"), "more", 0));
        assertThat(written(read.vocabulary())).as("and writes the same bytes").isEqualTo(written(rich()));
    }

    /** As rich, with everything about looks and lines that a vocabulary can say. */
    private static Vocabulary dressed() {
        Vocabulary v = rich();
        Board home = v.homeBoard();
        Look own = new Look(ColouredPaper.SKY.colour(), Colour.of("#0e7c7b80"), 6, LabelPlace.BESIDE, 40, 25, null, null, null, null);
        Button kite = home.button("k1").orElseThrow().withShown(new Shown(Hold.PLAIN, null, 2024, own));
        Button letter = home.button("a1").orElseThrow().withShown(Shown.YES.withLook(Look.PLAIN.withFill(Colour.of("#203060")).withBorder(Colour.WHITE)));
        Button ferry = home.button("f1").orElseThrow();
        Board dressed = home.withShape(new Shape(2, 3, List.of(2, 1), List.of(1, 1, 2)))
            .with(List.of(kite, letter, ferry.withActs(ferry.acts().withLeads(new Leads.Opens("b2", true)))))
            .withLook(new Look(null, null, null, LabelPlace.ABOVE, null, null, TypeSize.EQUAL, 20, ColouredPaper.OAT.colour(), false));
        return v.with(dressed)
            .with(v.whole().withLook(new Look(null, null, null, null, null, null, null, null, null, true)).withPapers(Map.of(Kind.THING,
                ColouredPaper.ROSE.colour())));
    }

    @Test
    void looksAndLinesComeBackAsTheyWere() throws Exception {
        ObfReader.Read read = read(written(dressed()), "x.obz", PackageLimits.USUAL);
        assertThat(read.vocabulary()).isEqualTo(dressed());
        assertThat(read.findings()).containsExactly(Told.of("found-carried-along", "keys", List.of("background_color", "description_html"), "more", 0));
        Board kept = BoardDocument.read(BoardDocument.write(dressed().homeBoard()));
        assertThat(kept).as("and in the database").isEqualTo(dressed().homeBoard());
        assertThat(WholeDocument.read(WholeDocument.write(dressed().whole()))).isEqualTo(dressed().whole());
    }

    /** Three words, of which one is shown, one waits and one is held; for the fourth the reason is a fact. */
    private static Vocabulary planned() {
        Vocabulary bare = vocabulary(board("home", "I want go more"));
        Board home = bare.homeBoard();
        Plan plan = new Plan(List.of(new Step("s1", "First", LocalDate.parse("2026-11-02"), null), new Step("s2", "Second", null,
            LocalDate.parse("2027-01-11"))), 1);
        return bare.with(home.with(List.of(
            home.button("home/I").orElseThrow().withShown(Shown.YES.withStep("s1")), home.button("home/want").orElseThrow().withShown(Shown.YES.withStep("s2")),
            home.button("home/go").orElseThrow().withShown(new Shown(new Hold("runs off", LocalDate.parse("2026-12-01"), "Odile",
                LocalDate.parse("2026-11-20"), false), "s1", null, Look.PLAIN)),
            home.button("home/more").orElseThrow().withShown(new Shown(new Hold("allergy: egg", null, "Odile", null, true), null, null, Look.PLAIN)))))
            .with(bare.whole().withPlan(plan));
    }

    @Test
    void planStepsAndHoldsTravelAndOtherProgramsSeeHiddenButtons() throws Exception {
        Vocabulary back = read(written(planned()), "x.obz", PackageLimits.USUAL).vocabulary();
        assertThat(back.plan()).isEqualTo(planned().plan());
        assertThat(back.homeBoard().button("home/want").orElseThrow().shown()).isEqualTo(Shown.YES.withStep("s2"));
        assertThat(back.homeBoard().button("home/go").orElseThrow().shown().hold())
            .isEqualTo(new Hold("runs off", LocalDate.parse("2026-12-01"), null, LocalDate.parse("2026-11-20"), false));
        assertThat(back.homeBoard().button("home/more").orElseThrow().shown().hold()).as("neither who held it, nor a fact").isEqualTo(Hold.PLAIN);
        assertThat(read(written(back), "x.obz", PackageLimits.USUAL).vocabulary()).isEqualTo(back);
        String json = new String(new ObfWriter(media).obf(planned().homeBoard(), planned()), StandardCharsets.UTF_8);
        assertThat(json).doesNotContain("allergy", "Odile");
        JsonNode buttons = Json.mapper().readTree(json).path("buttons");
        assertThat(buttons.valueStream().map(b -> b.path("label").asString() + b.path("hidden").asBoolean(false))).containsExactly("Ifalse", "wanttrue",
            "gotrue", "moretrue");
    }

    @Test
    void whatIsKeptOfAPlanIsReadBack() {
        assertThat(BoardDocument.read(BoardDocument.write(planned().homeBoard()))).isEqualTo(planned().homeBoard());
        assertThat(WholeDocument.read(WholeDocument.write(planned().whole()))).isEqualTo(planned().whole());
    }

    @Test
    void aPlanNobodyCanReadIsNone() throws Exception {
        assertThat(ObfPlan.plan(Json.mapper().readTree("{\"ext_dwimble_plan\":{\"at\":9,\"steps\":[{\"id\":\"a\",\"name\":\"A\"}]}}"))).isEqualTo(Plan.NONE);
        assertThat(ObfPlan.plan(Json.mapper()
            .readTree("{\"ext_dwimble_plan\":{\"at\":1,\"steps\":[{\"id\":\"a\",\"name\":\"A\",\"began\":\"last week\"}]}}"))).isEqualTo(Plan.NONE);
        assertThat(ObfPlan.shown(Json.mapper().readTree("{\"hidden\":true,\"ext_dwimble_held\":{\"until\":\"soon\"}}"), Look.PLAIN).hold())
            .isEqualTo(Hold.PLAIN);
    }

    @Test
    void aWayToAnotherVocabularyDoesNotComeAlong() throws Exception {
        Board b = board("b", "more");
        Button more = b.buttons().get(0).withActs(Acts.leading(new Leads.Elsewhere(7)));
        Vocabulary v = vocabulary(b.with(more));
        Button back = read(new ObfWriter(media).obf(v.homeBoard(), v), "b.obf", PackageLimits.USUAL).vocabulary().homeBoard().buttons().get(0);
        assertThat(back.leads()).isEqualTo(Leads.STAYS);
        assertThat(BoardDocument.read(BoardDocument.write(v.homeBoard()))).as("but it is kept").isEqualTo(v.homeBoard());
    }

    @Test
    void otherProgramsAreToldColoursAndRoomInTheFormatsOwnWords() throws Exception {
        Vocabulary v = dressed();
        JsonNode json = Json.mapper().readTree(new ObfWriter(media).obf(v.homeBoard(), v));
        JsonNode grid = json.get("grid");
        assertThat(grid.get("rows").asInt() + " x " + grid.get("columns").asInt()).as("lines are equal there, so there are more of them").isEqualTo("3 x 4");
        assertThat(grid.get("order").toString()).as("a button is named in every cell it covers")
            .isEqualTo("[[\"f1\",\"f1\",\"k1\",\"k1\"],[\"f1\",\"f1\",\"k1\",\"k1\"],[\"a1\",null,null,null]]");
        Map<String, JsonNode> buttons = new LinkedHashMap<>();
        json.get("buttons").forEach(b -> buttons.put(b.get("id").asString(), b));
        assertThat(buttons.get("a1").get("background_color").asString()).isEqualTo("rgb(32, 48, 96)");
        assertThat(buttons.get("k1").get("border_color").asString()).isEqualTo("rgba(14, 124, 123, 0.502)");
        assertThat(read(json.toString()).vocabulary().homeBoard().shape()).isEqualTo(v.homeBoard().shape());
    }

    @Test
    void coloursOfAPackageAreReadAndOnesNobodyCanReadStay() throws Exception {
        Board b = read("{\"name\":\"N\",\"buttons\":[{\"id\":\"1\",\"label\":\"a\",\"background_color\":\"rgb(255, 237, 166)\",\"border_color\":\"puce\"}],"
            + "\"grid\":{\"rows\":1,\"columns\":1,\"order\":[[\"1\"]]}}").vocabulary().homeBoard();
        assertThat(b.button("1").orElseThrow().look()).isEqualTo(Look.paper(ColouredPaper.STRAW));
        assertThat(b.button("1").orElseThrow().extras().ofPackage()).containsOnlyKeys("border_color");
    }

    @Test
    void aColourAnotherProgramChangedGoesBeforeWhatWasMeant() throws Exception {
        Vocabulary v = dressed();
        String changed = new String(new ObfWriter(media).obf(v.homeBoard(), v), java.nio.charset.StandardCharsets.UTF_8)
            .replace("\"background_color\":\"rgb(198, 222, 249)\"", "\"background_color\":\"rgb(1, 2, 3)\"");
        Look look = read(changed).vocabulary().homeBoard().button("k1").orElseThrow().look();
        assertThat(look.fill()).isEqualTo(Colour.of("#010203"));
    }

    @Test
    void oneBoardCarriesItsPicturesInside() throws Exception {
        Vocabulary v = rich();
        byte[] obf = new ObfWriter(media).obf(v.homeBoard(), v);
        JsonNode json = Json.mapper().readTree(obf);
        assertThat(json.get("format").asString()).isEqualTo("open-board-0.1");
        assertThat(json.get("images").get(1).get("data").asString()).isEqualTo("data:image/png;base64,AQIDBA==");
        assertThat(json.get("grid").get("order").get(0).get(2).asString()).isEqualTo("k1");
        Board back = read(obf, "harbour.obf", PackageLimits.USUAL).vocabulary().homeBoard();
        assertThat(back).isEqualTo(v.homeBoard());
    }

    @Test
    void idsGivenAsNumbersAreRead() throws Exception {
        Board b = read(
            "{\"id\":7,\"name\":\"N\",\"buttons\":[{\"id\":1,\"label\":\"crab\"},{\"id\":2,\"label\":\"gull\"}],\"grid\":{\"rows\":1,\"columns\":2,"
                + "\"order\":[[2,1]]}}")
            .vocabulary().homeBoard();
        assertThat(drawn(b)).containsExactly("gull crab");
        assertThat(b.id()).isEqualTo("7");
    }

    @Test
    void aBoardWithoutAGridGetsOneAndItIsSaid() throws Exception {
        ObfReader.Read read = read(
            "{\"name\":\"N\",\"buttons\":[{\"id\":\"1\",\"label\":\"a\"},{\"id\":\"2\",\"label\":\"b\"},{\"id\":\"3\",\"label\":\"c\"}]}");
        assertThat(drawn(read.vocabulary().homeBoard())).containsExactly("a b", "c .");
        assertThat(read.findings()).containsExactly(Told.of("found-no-grid", "board", "N", "rows", 2, "columns", 2));
    }

    @Test
    void aShortGridIsFilledWithEmptyCellsAndForgottenButtonsFindRoom() throws Exception {
        ObfReader.Read read = read(
            "{\"name\":\"N\",\"buttons\":[{\"id\":\"1\",\"label\":\"a\"},{\"id\":\"2\",\"label\":\"b\"},{\"id\":\"3\",\"label\":\"c\"}],"
                + "\"grid\":{\"rows\":1,\"columns\":2,\"order\":[[null,\"1\"]]}}");
        assertThat(drawn(read.vocabulary().homeBoard())).containsExactly("b a", "c .");
        assertThat(read.findings()).containsExactly(Told.of("found-outside-grid", "count", 2, "board", "N"),
            Told.of("found-grid-larger", "board", "N", "rows", 2, "columns", 2));
    }

    @Test
    void aButtonRepeatedOverARectangleCoversIt() throws Exception {
        Board b = read(
            "{\"buttons\":[{\"id\":\"1\",\"label\":\"a\"},{\"id\":\"2\",\"label\":\"b\"}],\"grid\":{\"rows\":2,\"columns\":3,\"order\":[[\"1\",\"1\","
                + "\"2\"],[\"1\",\"1\",null]]}}")
            .vocabulary().homeBoard();
        assertThat(b.button("1").orElseThrow().span()).isEqualTo(new Span(2, 2));
        assertThat(b.buttons()).hasSize(2);
    }

    @Test
    void whatCannotBeUsedIsLeftOutAndSaid() throws Exception {
        ObfReader.Read read = read("{\"name\":\"N\",\"buttons\":[{\"id\":\"1\",\"label\":\"" + "x".repeat(200)
            + "\",\"image_id\":\"i\",\"action\":\":native\"},"
            + "{\"id\":\"2\",\"label\":\"b\",\"image_id\":\"gone\",\"load_board\":{\"id\":\"far\"}},{\"id\":\"2\",\"label\":\"twice\"}],"
            + "\"images\":[{\"id\":\"i\",\"data\":\"data:image/svg+xml;base64,YmFk\"},{\"id\":\"gone\",\"url\":\"http://never.fetched/x.png\"}],"
            + "\"grid\":{\"rows\":1,\"columns\":3,\"order\":[[\"1\",\"2\",\"9\"]]}}");
        Board b = read.vocabulary().homeBoard();
        assertThat(b.buttons()).extracting(Button::picture).containsOnlyNulls();
        assertThat(b.button("2").orElseThrow().leads()).as("a loose end stays, to be listed").isEqualTo(new Leads.Opens("far"));
        assertThat(read.findings()).containsExactlyInAnyOrder(Told.of("found-media-left-out", "what", "picture", "board", "N", "why",
            Told.of("drawing-program")),
            Told.of("found-media-away", "what", "picture", "board", "N", "count", 1), Told.of("found-id-twice", "board", "N", "id", "2"),
            Told.of("found-unknown-action", "board", "N", "action", ":native"), Told.of("found-grid-names-nothing", "board", "N", "id", "9"),
            Told.of("found-label-long", "board", "N", "most", 100, "label", "x".repeat(20)));
    }

    @Test
    void buttonIdsThatRepeatAcrossBoardsGetTheirBoardInFrontSoThatAWordIsKnown() throws Exception {
        String one = "{\"id\":\"a\",\"buttons\":[{\"id\":\"1\",\"label\":\"x\",\"load_board\":{\"path\":\"b.obf\"}},{\"id\":\"5\",\"label\":\"z\"}],"
            + "\"grid\":{\"rows\":1,\"columns\":2,\"order\":[[\"1\",\"5\"]]}}";
        String two = "{\"id\":\"b\",\"buttons\":[{\"id\":\"1\",\"label\":\"y\"}],\"grid\":{\"rows\":1,\"columns\":1,\"order\":[[\"1\"]]}}";
        Vocabulary v = read(Packed.zip(pack("{\"root\":\"a.obf\",\"paths\":{\"boards\":{\"a\":\"a.obf\",\"b\":\"b.obf\"}}}", "a.obf", one, "b.obf", two)),
            "p.obz", PackageLimits.USUAL).vocabulary();
        assertThat(v.boards().get("a").buttons()).extracting(Button::id).containsExactly("a:1", "5");
        assertThat(v.boards().get("a").buttons().get(0).leads()).as("links by path alone are found").isEqualTo(new Leads.Opens("b"));
    }

    @Test
    void aPackageThatListsABoardItLacksComesInWithoutIt() throws Exception {
        ObfReader.Read read = read(Packed.zip(pack("{\"root\":\"nope.obf\",\"paths\":{\"boards\":{\"a\":\"a.obf\",\"b\":\"b.obf\"}}}", "a.obf",
            "{\"name\":\"A\",\"buttons\":[]}")), "p.obz", PackageLimits.USUAL);
        assertThat(read.vocabulary().boards()).containsOnlyKeys("a");
        assertThat(read.findings()).containsExactly(Told.of("found-board-missing", "board", "b", "file", "b.obf"), Told.of("found-no-home", "board", "A"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"../evil.obf", "/etc/evil", "a/../../evil", "C:\\evil", "..\\evil"})
    void aPackageThatClimbsOutOfItsFolderIsRefused(String name) {
        assertThatThrownBy(() -> read(Packed.zip(pack("{}", name, "x")), "p.obz", PackageLimits.USUAL)).isInstanceOf(Refused.class)
            .hasMessageContaining("zip-climbs-out");
    }

    @Test
    void bombsAreRefusedBeforeTheyUnpack() {
        PackageLimits small = new PackageLimits(5, 1000, 3000, 2000, 8, 1000, 3, 20);
        String big = " ".repeat(2000);
        assertThatThrownBy(() -> read(Packed.zip(pack("{}", "big", big)), "p.obz", small)).isInstanceOf(Refused.class)
            .hasMessageContaining("entry-too-large {entry=big");
        assertThatThrownBy(() -> read(Packed.zip(pack("{}", "1", " ".repeat(900), "2", " ".repeat(900), "3", " ".repeat(900), "4", " ".repeat(900))),
            "p.obz", small)).isInstanceOf(Refused.class).hasMessageContaining("package-too-large");
        assertThatThrownBy(() -> read(Packed.zip(pack("{}", "1", "", "2", "", "3", "", "4", "", "5", "")), "p.obz", small)).isInstanceOf(Refused.class)
            .hasMessageContaining("too-many-files {file=p.obz, has=6, most=5}");
        assertThatThrownBy(() -> read("{\"buttons\":" + "[".repeat(80) + "]".repeat(80) + "}")).isInstanceOf(Refused.class)
            .hasMessageContaining("json-too-deep");
    }

    @Test
    void aZipThatLiesAboutItsSizeIsCaughtWhileItUnpacks() {
        byte[] bytes = Packed.lying(Packed.zip(pack("{\"paths\":{\"boards\":{\"a\":\"a.obf\"}}}", "a.obf", "{\"buttons\":[]," + " ".repeat(5000)
            + "\"name\":\"A\"}")), 'a',
            24, 10, 0);
        assertThatThrownBy(() -> read(bytes, "p.obz", new PackageLimits(5, 1000, 3000, 2000, 64, 1000, 3, 20))).isInstanceOfAny(Refused.class);
    }

    @Test
    void filesThatAreNoBoardsAreRefused() throws IOException {
        byte[] whole = written(rich());
        assertThatThrownBy(() -> read(Arrays.copyOf(whole, whole.length / 2), "p.obz", PackageLimits.USUAL)).isInstanceOf(Refused.class)
            .hasMessageContaining("zip-broken");
        assertThatThrownBy(() -> read(new byte[0], "p.obz", PackageLimits.USUAL)).isInstanceOf(Refused.class).hasMessageContaining("file-empty");
        assertThatThrownBy(() -> read("hello there")).isInstanceOf(Refused.class).hasMessageContaining("json-invalid");
        assertThatThrownBy(() -> read("[1,2]")).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> read("{\"a\":1}")).isInstanceOf(Refused.class).hasMessageContaining("json-no-board");
        assertThatThrownBy(() -> read(Packed.zip(Map.of("readme.txt", "x")), "p.obz", PackageLimits.USUAL)).isInstanceOf(Refused.class)
            .hasMessageContaining("zip-no-package");
        assertThatThrownBy(() -> read(Packed.zip(pack("{}")), "p.obz", PackageLimits.USUAL)).isInstanceOf(Refused.class)
            .hasMessageContaining("package-without-boards");
        assertThatThrownBy(() -> read("{\"name\":\"Huge\",\"buttons\":[],\"grid\":{\"rows\":41,\"columns\":40}}")).isInstanceOf(Refused.class)
            .hasMessageContaining("board-size");
    }

    @Test
    void aBoardOfFortyByFortyIsTaken() throws Exception {
        assertThat(read("{\"buttons\":[{\"id\":\"1\",\"label\":\"x\"}],\"grid\":{\"rows\":40,\"columns\":40,\"order\":[[\"1\"]]}}").vocabulary()
            .homeBoard().emptyCells()).hasSize(1599);
    }

    @Test
    void aVocabularyWithoutPicturesIsWrittenToo() throws Exception {
        Vocabulary v = vocabulary(board("home", "I food>food"), board("food", "apple home:home"));
        assertThat(read(written(v), "p.obz", PackageLimits.USUAL).vocabulary()).isEqualTo(v);
    }

    @ParameterizedTest
    @ValueSource(ints = {2147483647, -5, 0, 41})
    void aSpanThatCannotBeIsKeptInOneCellAndSaid(int lines) throws Exception {
        ObfReader.Read read = read("{\"name\":\"N\",\"buttons\":[{\"id\":\"1\",\"label\":\"a\",\"ext_dwimble_span\":{\"rows\":" + lines
            + ",\"columns\":2147483647}}],\"grid\":{\"rows\":2,\"columns\":2,\"order\":[[\"1\"]]}}");
        assertThat(read.vocabulary().homeBoard().button("1").orElseThrow().span()).isEqualTo(Span.ONE);
        assertThat(read.findings()).containsExactly(Told.of("found-covers-others", "button", "a", "board", "N"));
    }

    @Test
    void moreButtonsThanABoardHasCellsAreRefused() {
        String buttons = java.util.stream.IntStream.range(0, 1601).mapToObj(i -> "{\"id\":\"" + i + "\",\"label\":\"x\"}")
            .collect(java.util.stream.Collectors.joining(","));
        assertThatThrownBy(() -> read("{\"name\":\"N\",\"buttons\":[" + buttons + "],\"grid\":{\"rows\":40,\"columns\":40,\"order\":[]}}"))
            .isInstanceOf(Refused.class).hasMessageContaining("too-many-buttons {file=board.obf, has=1601, most=1600}");
    }

    @Test
    void aPackageHasTheSameBytesInEveryTimeZone() throws Exception {
        TimeZone here = TimeZone.getDefault();
        try {
            TimeZone.setDefault(TimeZone.getTimeZone("Pacific/Auckland"));
            byte[] there = written(rich());
            TimeZone.setDefault(TimeZone.getTimeZone("America/Halifax"));
            assertThat(written(rich())).isEqualTo(there);
        } finally {
            TimeZone.setDefault(here);
        }
    }
}
