package org.dwimble.core.obf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.Size;
import org.dwimble.core.board.Acts;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Standing;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.document.BoardDocument;
import org.dwimble.core.document.Json;
import org.dwimble.core.document.WholeDocument;
import org.dwimble.core.doing.Doing;
import org.dwimble.core.doing.OtherAction;
import org.dwimble.core.told.Told;
import tools.jackson.databind.JsonNode;

/** Files made to do harm, and files of programs that mean well and write otherwise than we do. */
class HostileFilesTest {
    private static final String FORMAT = "\"format\":\"open-board-0.1\"";
    private static final String HALF = "\\ud83d";

    private static final Media NONE = new Media() {
        @Override
        public Media.Kept keep(byte[] bytes, String symbol) {
            return new Media.Kept(null, Told.of("drawing-program"));
        }

        @Override
        public Optional<Item> find(String id) {
            return Optional.empty();
        }
    };

    private static ObfReader.Read read(byte[] bytes, PackageLimits limits) throws IOException, Refused {
        Path file = Files.createTempFile("hostile", ".obz");
        try {
            return new ObfReader(NONE, limits).read(Files.write(file, bytes), "p.obz");
        } finally {
            Files.delete(file);
        }
    }

    private static ObfReader.Read read(String json) throws IOException, Refused {
        return read(json.getBytes(StandardCharsets.UTF_8), PackageLimits.USUAL);
    }

    private static String quoted(String text) {
        return text.chars().mapToObj("\\u%04x"::formatted).collect(Collectors.joining("", "\"", "\""));
    }

    /** A package of boards with these ids, each linking to the next; no key is half a character, which is no JSON. */
    private static byte[] ring(List<String> ids, String buttonId) throws IOException {
        Map<String, String> files = new LinkedHashMap<>();
        files.put("manifest.json", "{" + FORMAT + ",\"root\":\"b0.obf\",\"paths\":{\"boards\":{" + IntStream.range(0, ids.size())
            .mapToObj(i -> quoted(ids.get(i).chars().anyMatch(c -> Character.isSurrogate((char) c)) ? "key " + i : ids.get(i)) + ":\"b" + i + ".obf\"")
            .collect(Collectors.joining(",")) + "}}}");
        for (int i = 0; i < ids.size(); i++) {
            String next = ids.get((i + 1) % ids.size());
            files.put("b" + i + ".obf", "{" + FORMAT + ",\"id\":" + quoted(ids.get(i)) + ",\"name\":\"N" + i + "\",\"buttons\":[{\"id\":" + quoted(buttonId)
                + ",\"label\":\"a\",\"load_board\":{\"id\":" + quoted(next) + "}}],\"grid\":{\"rows\":1,\"columns\":1,\"order\":[[" + quoted(buttonId)
                + "]]}}");
        }
        return Packed.zip(files);
    }

    private static byte[] written(Vocabulary vocabulary) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        new ObfWriter(NONE).obz(vocabulary, out);
        return out.toByteArray();
    }

    /** As it is kept and opened. */
    private static Vocabulary reopened(Vocabulary taken) {
        Map<String, Board> boards = new LinkedHashMap<>();
        taken.boards().forEach((id, board) -> boards.put(id, BoardDocument.read(BoardDocument.write(board))));
        return new Vocabulary(WholeDocument.read(WholeDocument.write(taken.whole())), boards);
    }

    @Provide
    Arbitrary<String> ids() {
        Arbitrary<String> nasty = Arbitraries.of("a/b", "100%", "a;b", "a\\b", ".", "..", "../x", "http://x.org/1", " ", "a b", "\u202eab",
            "half\ud83d", "é", "#", "?x=1",
            "%2F", "a\u0000b", "CON", "<b>", "x".repeat(201), "y".repeat(5_000), "1", "ok-id", "OK-ID");
        return Arbitraries.oneOf(nasty, Arbitraries.strings().ofMinLength(1).ofMaxLength(300));
    }

    @Property(tries = 300, seed = "4711")
    void whateverIsTakenInCanBeOpenedAddressedAndIsWrittenBackAsItCame(@ForAll("ids") String one, @ForAll("ids") String two, @ForAll("ids") String button)
        throws Exception {
        List<String> ids = List.of(one, two, "plain").stream().filter(id -> !id.isBlank()).distinct().toList();
        Vocabulary taken = read(ring(ids, button.isBlank() ? "b" : button), PackageLimits.USUAL).vocabulary();
        assertThat(taken.boards().keySet()).hasSameSizeAs(taken.boards().values()).allMatch(id -> OutsideIds.OF_A_BOARD.matcher(id).matches());
        assertThat(taken.boards().values()).flatExtracting(Board::buttons).extracting(Button::id).doesNotHaveDuplicates()
            .allMatch(id -> OutsideIds.OF_A_BUTTON.matcher(id).matches());
        assertThat(taken.boards().values()).flatExtracting(Board::buttons).extracting(Button::leads)
            .allMatch(leads -> leads instanceof Leads.Opens opens && taken.boards().containsKey(opens.board()));
        assertThat(reopened(taken)).isEqualTo(taken);
        assertThat(read(written(taken), PackageLimits.USUAL).vocabulary()).as("and comes back as it was").isEqualTo(taken);
    }

    @Property(tries = 200, seed = "4711")
    void aDamagedPackageIsRefusedWithAReasonOrTakenAndNeverAnythingElse(@ForAll @Size(min = 1, max = 40) List<Integer> places,
        @ForAll byte to) throws Exception {
        byte[] whole = ring(List.of("a", "b"), "1");
        places.forEach(place -> whole[Math.floorMod(place, whole.length)] = to);
        try {
            assertThat(reopened(read(whole, PackageLimits.USUAL).vocabulary()).boards()).isNotEmpty();
        } catch (Refused refused) {
            assertThat(refused.told().key()).isNotEmpty();
        }
    }

    @Property(tries = 300, seed = "4711")
    void aBoardWithAnyValueInAnyPlaceIsRefusedWithAReasonOrOpens(@ForAll("values") String value, @ForAll("places") String place) throws Exception {
        String json = ("{" + FORMAT
            + ",\"id\":\"b\",\"name\":\"N\",\"locale\":\"en\",\"buttons\":[{\"id\":\"1\",\"label\":\"a\",\"image_id\":\"i\",\"vocalization\":\"a\","
            + "\"load_board\":{\"id\":\"x\"},\"actions\":[\"+a\"],\"background_color\":\"#fff\",\"ext_dwimble_span\":{\"rows\":1,\"columns\":1}}],"
            + "\"images\":[{\"id\":\"i\",\"data\":\"data:image/png;base64,AA==\"}],\"sounds\":[],\"grid\":{\"rows\":1,\"columns\":1,\"order\":[[\"1\"]]}}")
            .replaceFirst("(\"" + place + "\":)(\"[^\"]*\"|\\d+|\\[\\[.*?\\]\\]|\\[.*?\\]|\\{.*?\\})", "$1" + java.util.regex.Matcher.quoteReplacement(value));
        try {
            Vocabulary taken = read(json).vocabulary();
            assertThat(reopened(taken)).isEqualTo(taken);
            assertThat(read(written(taken), PackageLimits.USUAL).vocabulary().homeBoard().buttons()).hasSameSizeAs(taken.homeBoard().buttons());
        } catch (Refused refused) {
            assertThat(refused.told().key()).isNotEmpty();
        }
    }

    @Provide
    Arbitrary<String> values() {
        return Arbitraries.of("null", "[]", "{}", "\"\"", "-1", "0", "1e400", "1e400000000", "9223372036854775808", "true", "[null]", "[[]]",
            "[1,[2,{\"a\":3}]]", "{\"a\":null}",
            "\"\\ud800\"", "\"" + "z".repeat(3_000) + "\"", "\"\\u0000\"", "\"../..\"", "{\"id\":{},\"url\":[]}", "{\"url\":\"http://a.b/\"}",
            "[{\"id\":1},{\"id\":1}]",
            "[\":native\",\"+\",{},\":home\"]", "\"data:,%zz\"");
    }

    @Provide
    Arbitrary<String> places() {
        return Arbitraries.of("format", "id", "name", "locale", "buttons", "label", "image_id", "vocalization", "load_board", "actions", "background_color",
            "ext_dwimble_span", "images", "data", "sounds", "grid", "rows", "columns", "order");
    }

    @Example
    void linksToAddressesUnknownActionsAndPicturesElsewhereAreSaidAndWrittenBackAsTheyCame() throws Exception {
        String json = "{" + FORMAT + ",\"id\":\"b\",\"name\":\"N\",\"buttons\":["
            + "{\"id\":\"1\",\"label\":\"a\",\"load_board\":{\"url\":\"http://a.b/c\",\"data_url\":\"http://a.b/d\"},\"image_id\":\"i\",\"sound_id\":\"s\"},"
            + "{\"id\":\"2\",\"label\":\"b\",\"actions\":[\":native\",\"+x\",\":speak\",\":later\"]}],"
            + "\"images\":[{\"id\":\"i\",\"url\":\"http://a.b/i.png\",\"width\":3}],\"sounds\":[{\"id\":\"s\",\"url\":\"http://a.b/s.mp3\"}],"
            + "\"grid\":{\"rows\":1,\"columns\":2,\"order\":[[\"1\",\"2\"]]}}";
        ObfReader.Read read = read(json);
        assertThat(read.findings()).containsExactlyInAnyOrder(Told.of("found-media-away", "what", "picture", "board", "N", "count", 1),
            Told.of("found-media-away", "what", "sound", "board", "N", "count", 1), Told.of("found-links-away", "board", "N", "count", 1),
            Told.of("found-unknown-action", "board", "N", "action", ":native"), Told.of("found-unknown-action", "board", "N", "action", ":later"));
        Board board = read.vocabulary().homeBoard();
        assertThat(board.buttons().get(0).leads()).as("no address is opened").isEqualTo(Leads.STAYS);
        JsonNode back = Json.mapper().readTree(new ObfWriter(NONE).obf(board, read.vocabulary()));
        JsonNode came = Json.mapper().readTree(json);
        for (String key : List.of("load_board", "image_id", "sound_id")) {
            assertThat(back.get("buttons").get(0).get(key)).as(key).isEqualTo(came.get("buttons").get(0).get(key));
        }
        assertThat(back.get("buttons").get(1).get("actions")).as("where they were").isEqualTo(came.get("buttons").get(1).get("actions"));
        assertThat(back.get("images")).isEqualTo(came.get("images"));
        assertThat(back.get("sounds")).isEqualTo(came.get("sounds"));
    }

    @Example
    void aPictureAndASoundOfOneNameElsewhereAreNotTakenForEachOther() throws Exception {
        String json = "{" + FORMAT + ",\"name\":\"N\",\"buttons\":[{\"id\":\"1\",\"label\":\"a\",\"image_id\":\"1\",\"sound_id\":\"1\"}],"
            + "\"images\":[{\"id\":\"1\",\"symbol\":{\"set\":\"theirs\",\"filename\":\"crab.svg\"}}],\"sounds\":[{\"id\":\"1\",\"url\":\"http://a.b/s.mp3\"}],"
            + "\"grid\":{\"rows\":1,\"columns\":1,\"order\":[[\"1\"]]}}";
        Vocabulary v = read(json).vocabulary();
        JsonNode back = Json.mapper().readTree(new ObfWriter(NONE).obf(v.homeBoard(), v));
        assertThat(back.get("images")).isEqualTo(Json.mapper().readTree(json).get("images"));
        assertThat(back.get("sounds")).isEqualTo(Json.mapper().readTree(json).get("sounds"));
    }

    @Example
    void whatIsDoneChangedAndTheLinkSetElsewhereIsWrittenAsItIsNow() throws Exception {
        Vocabulary v = read("{" + FORMAT + ",\"id\":\"b\",\"name\":\"N\",\"buttons\":[{\"id\":\"1\",\"label\":\"a\",\"load_board\":{\"url\":\"http://a.b/c\"},"
            + "\"actions\":[\":native\",\"+x\"]}],\"grid\":{\"rows\":1,\"columns\":1,\"order\":[[\"1\"]]}}").vocabulary();
        Button button = v.homeBoard().buttons().get(0);
        Button changed = button.withActs(button.acts().withDoings(List.of(Doing.SAY, button.doings().get(0))).withLeads(new Leads.Opens("b")));
        Vocabulary then = v.with(v.homeBoard().withButtons(List.of(changed)));
        JsonNode back = Json.mapper().readTree(new ObfWriter(NONE).obf(then.homeBoard(), then)).get("buttons").get(0);
        assertThat(back.get("actions").toString()).isEqualTo("[\":speak\",\":native\"]");
        assertThat(back.get("load_board").toString()).isEqualTo("{\"id\":\"b\",\"name\":\"N\"}");
    }

    @Example
    void idsThatRepeatAcrossBoardsAreSaidAndWrittenBackAsTheyCame() throws Exception {
        ObfReader.Read read = read(ring(List.of("a", "b"), "1"), PackageLimits.USUAL);
        assertThat(read.findings()).containsExactly(Told.of("found-ids-repeat", "count", 1));
        JsonNode back = Json.mapper().readTree(new ObfWriter(NONE).obf(read.vocabulary().boards().get("b"), read.vocabulary()));
        assertThat(back.get("buttons").get(0).get("id").asString()).isEqualTo("1");
        assertThat(back.get("grid").get("order").toString()).isEqualTo("[[\"1\"]]");
        Button moved = read.vocabulary().boards().get("a").buttons().get(0);
        Vocabulary both = read.vocabulary().with(read.vocabulary().boards().get("a").withButtons(List.of()))
            .with(read.vocabulary().boards().get("b").withShape(new Shape(1, 2)).withButtons(List.of(read.vocabulary().boards().get("b").buttons().get(0),
                moved.withStanding(Standing.at(new Cell(0, 1))))));
        assertThat(read(written(both), PackageLimits.USUAL).vocabulary().boards().get("b").buttons()).as("a word that was moved is known by our own id")
            .extracting(Button::id).containsExactly("b:1", "a:1");
    }

    @Example
    void oddGridsFormatsAndHalvesOfCharactersAreSaid() throws Exception {
        String board = "\"name\":\"N\",\"buttons\":[{\"id\":\"1\",\"label\":\"a" + HALF + "\"}],\"grid\":{\"rows\":%s,\"columns\":1,\"order\":[[\"1\"]]}}";
        assertThat(read("{" + FORMAT + "," + board.formatted("-3")).findings())
            .containsExactlyInAnyOrder(Told.of("found-grid-size", "board", "N"), Told.of("found-letters-mended", "count", 1));
        assertThat(read("{" + board.replace(HALF, "").formatted("\"three\"")).findings())
            .containsExactlyInAnyOrder(Told.of("found-grid-size", "board", "N"), Told.of("found-no-format", "count", 1));
        assertThat(read("{\"format\":\"other-2\"," + board.replace(HALF, "").formatted("1")).findings()).containsExactly(Told.of("found-format",
            "format", "other-2"));
    }

    @Example
    void whatIsMendedIsSaid() throws Exception {
        String button = "{\"id\":\"1\",\"label\":\"crab\",%s}";
        String board = "{" + FORMAT + ",\"name\":\"N\",\"buttons\":[" + button + "],\"grid\":{\"rows\":1,\"columns\":1,\"order\":[[\"1\"]]}}";
        assertThat(read(board.formatted("\"image_id\":\"nobody\"")).findings()).containsExactly(Told.of("found-media-names-nothing", "what", "picture",
            "board", "N", "id", "nobody"));
        assertThat(read(board.formatted("\"sound_id\":\"nobody\"")).findings()).containsExactly(Told.of("found-media-names-nothing", "what", "sound",
            "board", "N", "id", "nobody"));
        for (String link : List.of("\"play\"", "\"\"", "{}", "[]", "7", "{\"id\":\"\"}", "{\"name\":\" \"}")) {
            ObfReader.Read linked = read(board.formatted("\"load_board\":" + link));
            assertThat(linked.findings()).as(link).contains(Told.of("found-link-says-nothing", "button", "crab", "board", "N"));
            assertThat(linked.vocabulary().homeBoard().buttons().get(0).extras().ofPackage()).as(link).containsKey("load_board");
        }
        assertThat(read(board.formatted("\"load_board\":null")).findings()).isEmpty();
        String longName = "n".repeat(Board.LONGEST_NAME + 1);
        assertThat(read(board.formatted("\"x\":1").replace("\"N\"", "\"" + longName + "\"")).findings()).contains(Told.of("found-name-long", "most",
            Board.LONGEST_NAME, "name", "n".repeat(40)));
        assertThat(read(board.formatted("\"x\":1").replace("[[\"1\"]]", "[[\"1\",null],[null,null]]")).findings()).contains(Told.of("found-grid-larger",
            "board", "N", "rows", 2, "columns", 2));
    }

    @Example
    void boardsThatCallThemselvesTheSameBothComeInAndItIsSaid() throws Exception {
        String board = "{" + FORMAT + ",\"id\":\"same\",\"name\":\"%s\",\"buttons\":[],\"grid\":{\"rows\":1,\"columns\":1,\"order\":[[null]]}}";
        byte[] both = Packed.zip(Map.of("manifest.json", "{" + FORMAT + ",\"root\":\"a.obf\",\"paths\":{\"boards\":{\"a\":\"a.obf\",\"b\":\"b.obf\"}}}",
            "a.obf", board.formatted("Harbour"), "b.obf", board.formatted("Slipway")));
        ObfReader.Read read = read(both, PackageLimits.USUAL);
        assertThat(read.vocabulary().boards().values()).extracting(Board::name).containsExactlyInAnyOrder("Harbour", "Slipway");
        assertThat(read.findings()).contains(Told.of("found-board-id-twice", "board", "Harbour", "other", "Slipway", "id", "same"));
    }

    @Example
    void whatIsCarriedAlongForOthersHasItsLimitAndSoHaveActions() throws Exception {
        ObfReader.Read read = read("{" + FORMAT + ",\"name\":\"N\",\"buttons\":[{\"id\":\"1\",\"label\":\"a\",\"ext_small\":1,\"ext_large\":\""
            + "x".repeat(30_000)
            + "\",\"actions\":[" + "\":x\",".repeat(100_000) + "\":y\"]}],\"grid\":{\"rows\":1,\"columns\":1,\"order\":[[\"1\"]]}}");
        Map<String, JsonNode> extras = read.vocabulary().homeBoard().buttons().get(0).extras().ofPackage();
        assertThat(extras).containsOnlyKeys("ext_small");
        assertThat(read.vocabulary().homeBoard().buttons().get(0).doings()).hasSize(Acts.MOST_DOINGS).containsOnly(new OtherAction("\":x\""));
        assertThat(read.findings()).contains(Told.of("found-actions-many", "board", "N", "has", 100_001, "most", Acts.MOST_DOINGS));
        assertThat(read.findings()).contains(Told.of("found-extras-large", "board", "N", "key", "ext_large", "most", 20));
    }

    @Example
    void aWrongCheckSumIsSaid() throws Exception {
        byte[] bytes = Packed.lying(ring(List.of("a"), "1"), 'b', 16, 1, 2, 3, 4);
        assertThat(read(bytes, PackageLimits.USUAL).findings()).containsExactly(Told.of("found-check-sum", "count", 1));
    }

    @Example
    void aPictureWhosePackingIsDamagedIsLeftOutAndABoardsIsRefused() throws Exception {
        byte[] whole = Packed.zip(Map.of("manifest.json", "{" + FORMAT + ",\"root\":\"b\",\"paths\":{\"boards\":{\"b\":\"b.obf\"}}}", "p.png", "picture",
            "b.obf", "{" + FORMAT + ",\"id\":\"b\",\"name\":\"N\",\"buttons\":[{\"id\":\"1\",\"label\":\"a\",\"image_id\":\"i\"}],"
                + "\"images\":[{\"id\":\"i\",\"path\":\"p.png\"}],\"grid\":{\"rows\":1,\"columns\":1,\"order\":[[\"1\"]]}}"));
        ObfReader.Read read = read(Packed.damaged(whole, 'p'), PackageLimits.USUAL);
        assertThat(read.findings()).containsExactly(Told.of("found-media-left-out", "what", "picture", "board", "N", "why", Told.of("media-damaged")));
        assertThat(read.vocabulary().homeBoard().buttons()).hasSize(1);
        assertThatThrownBy(() -> read(Packed.damaged(whole, 'b'), PackageLimits.USUAL)).isInstanceOf(Refused.class)
            .hasMessageContaining("entry-cut-short");
    }

    @Example
    void jsonThatIsNoBoardIsNotCalledInvalid() throws IOException {
        for (String json : List.of("[]", "null", "7")) {
            assertThatThrownBy(() -> read(json)).isInstanceOf(Refused.class).hasMessageContaining("json-no-object");
            assertThatThrownBy(() -> read(Packed.zip(Map.of("manifest.json", json)), PackageLimits.USUAL)).isInstanceOf(Refused.class)
                .hasMessageContaining("json-no-object");
        }
        assertThatThrownBy(() -> read("{}{}")).isInstanceOf(Refused.class).hasMessageContaining("json-invalid");
    }

    @Example
    void whatIsTooMuchIsRefusedWhileItIsReadAndBeforeAnythingIsBuiltOfIt() throws Exception {
        PackageLimits small = new PackageLimits(50, 100_000, 1_000_000, 150_000, 64, 2_000, 3, 20);
        assertThatThrownBy(() -> read(ring(List.of("a", "b", "c", "d"), "1"), small)).isInstanceOf(Refused.class)
            .hasMessageContaining("too-many-boards {file=p.obz, has=4, most=3}");
        String tiny = "{\"buttons\":[" + String.join(",", java.util.Collections.nCopies(800, "{\"id\":1}")) + "]}";
        assertThatThrownBy(() -> read(tiny.getBytes(StandardCharsets.UTF_8), small)).isInstanceOf(Refused.class).hasMessageContaining("json-too-much");
        String spaces = "{\"buttons\":[]" + " ".repeat(90_000) + "}";
        Map<String, String> files = new LinkedHashMap<>(Map.of("manifest.json", "{\"paths\":{\"boards\":{\"a\":\"a.obf\",\"b\":\"b.obf\"}}}"));
        files.put("a.obf", spaces);
        files.put("b.obf", spaces);
        assertThatThrownBy(() -> read(Packed.zip(files), small)).isInstanceOf(Refused.class).hasMessageContaining("boards-unpack-too-large");
        byte[] cut = ring(List.of("a"), "1");
        assertThatThrownBy(() -> read(Arrays.copyOf(cut, 60), small)).isInstanceOf(Refused.class);
    }
}
