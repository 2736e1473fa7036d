package org.dwimble.core;

import static org.assertj.core.api.Assertions.assertThat;
import static org.dwimble.core.Boards.board;

import java.io.InputStream;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.dwimble.core.board.Acts;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Layer;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.OnTheDay;
import org.dwimble.core.board.Says;
import org.dwimble.core.dayword.DaySaid;
import org.dwimble.core.dayword.DayWord;
import org.dwimble.core.doing.Doing;
import org.dwimble.core.doing.Effect;
import org.dwimble.core.doing.Form;
import org.dwimble.core.doing.Spell;
import org.dwimble.core.grammar.Fitting;
import org.dwimble.core.grammar.FormsOf;
import org.dwimble.core.grammar.WordForms;
import org.dwimble.core.look.Colour;
import org.dwimble.core.look.ColouredPaper;
import org.dwimble.core.look.Look;
import org.dwimble.core.showing.Day;
import org.dwimble.core.showing.DayRun;
import org.dwimble.core.talk.Around;
import org.dwimble.core.talk.Talking;
import org.dwimble.core.talk.Tapped;
import org.dwimble.core.talk.Token;
import org.dwimble.core.voice.HowSaid;
import org.dwimble.core.voice.Manner;
import org.dwimble.core.voice.Phonetic;
import org.dwimble.core.voice.WaysToSay;
import org.dwimble.core.voice.When;
import org.dwimble.core.wordline.WordLine;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The rules the web client needs too, on the cases it is tried on as well. */
class SharedCasesTest {
    private static final JsonNode CASES = read();

    private static JsonNode read() {
        InputStream in = SharedCasesTest.class.getResourceAsStream("shared-cases.json");
        return JsonMapper.shared().readTree(in);
    }

    private static Stream<JsonNode> nextCell() {
        return CASES.get("nextCell").valueStream();
    }

    private static Stream<JsonNode> layers() {
        return CASES.get("layers").valueStream();
    }

    private static Stream<JsonNode> separators() {
        return CASES.get("separators").valueStream();
    }

    private static Cell cell(JsonNode pair) {
        return new Cell(pair.get(0).asInt(), pair.get(1).asInt());
    }

    @ParameterizedTest
    @MethodSource("nextCell")
    void theNextCellIsTheSameHereAndThere(JsonNode tried) {
        Board board = board("b", tried.get("board").valueStream().map(JsonNode::asString).toArray(String[]::new));
        Cell from = cell(tried.get("from"));
        Set<Cell> kept = tried.get("keptFree").valueStream().map(SharedCasesTest::cell).collect(Collectors.toSet());
        List<Cell> next = board.emptyCellsFrom(from, kept);
        assertThat(next.stream().findFirst().orElse(null)).isEqualTo(tried.get("next").isNull() ? null : cell(tried.get("next")));
    }

    @ParameterizedTest
    @MethodSource("layers")
    void aLayerIsKeptInsideItsSquareTheSameHereAndThere(JsonNode tried) {
        JsonNode of = tried.get("of");
        JsonNode is = tried.get("is");
        assertThat(new Layer("base/kite", of.get(0).asInt(), of.get(1).asInt(), of.get(2).asInt()))
            .isEqualTo(new Layer("base/kite", is.get(0).asInt(), is.get(1).asInt(), is.get(2).asInt()));
        assertThat(new Layer("base/kite", of.get(0).asInt(), of.get(1).asInt(), of.get(2).asInt()).x()).isEqualTo(is.get(0).asInt());
    }

    @ParameterizedTest
    @MethodSource("separators")
    void wordsArePartedTheSameHereAndThere(JsonNode tried) {
        assertThat(WordLine.read(tried.get("text").asString())).extracting(WordLine.Entry::label)
            .containsExactlyElementsOf(tried.get("words").valueStream().map(JsonNode::asString).toList());
    }

    private static Stream<JsonNode> days() {
        return CASES.get("days").valueStream();
    }

    @ParameterizedTest
    @MethodSource("days")
    void aDayStandsTheSameHereAndThere(JsonNode tried) {
        List<DayRun.Item> items = tried.get("items").valueStream().map(JsonNode::asString).map(i -> new DayRun.Item(i.replace("!", ""), i.endsWith("!")))
            .toList();
        Map<String, Integer> times = new TreeMap<>();
        tried.get("day").get("times").properties().forEach(t -> times.put(t.getKey(), t.getValue().asInt()));
        Map<String, DayRun.Mark> marks = new TreeMap<>();
        tried.get("marks").properties().forEach(m -> marks.put(m.getKey(), DayRun.Mark.valueOf(m.getValue().asString())));
        DayRun run = DayRun.of(items, new Day(tried.get("day").get("clock").asBoolean(), false, times), marks, tried.get("minute").asInt());
        assertThat(run.events()).extracting(e -> e.state().name())
            .containsExactlyElementsOf(tried.get("states").valueStream().map(JsonNode::asString).toList());
        assertThat(run.events()).extracting(e -> e.at() == null ? "null" : e.at().toString())
            .containsExactlyElementsOf(tried.get("at").valueStream().map(JsonNode::toString).toList());
        assertThat(String.valueOf(run.next())).isEqualTo(tried.get("next").toString());
    }

    private static Stream<JsonNode> tapping() {
        return CASES.get("tapping").valueStream();
    }

    /** A button as the cases write it: see "tappingReads" there. */
    private static Button tapped(String written) {
        Button b = Button.word("b", new Cell(0, 0), written, null, null);
        if (written.startsWith("+")) {
            return doing(b, new Spell(written.substring(1)));
        }
        Map<String, Doing> doings = Map.of("_", Doing.SPACE, "-", Doing.TAKE_LAST_OFF, "clear", Doing.CLEAR, "say", Doing.SAY);
        if (doings.containsKey(written)) {
            return doing(b, doings.get(written));
        }
        if (written.contains("=")) {
            return labelled(b, written.substring(0, written.indexOf('=')))
                .withActs(Acts.SPEAK.withSays(new Says.Words(written.substring(written.indexOf('=') + 1))));
        }
        if (written.endsWith("<") || written.endsWith("^")) {
            return b.withActs(Acts.leading(written.endsWith("<") ? Leads.BACK : Leads.HOME));
        }
        if (written.contains(">")) {
            String to = written.substring(written.indexOf('>') + 1);
            Leads opens = to.startsWith(">") ? new Leads.Opens(to.substring(1), true) : new Leads.Opens(to);
            String label = written.substring(0, written.indexOf('>'));
            return label.endsWith("!") ? labelled(b, label.substring(0, label.length() - 1)).withActs(Acts.SPEAK.withLeads(opens)) : labelled(b, label)
                .withActs(Acts.leading(opens));
        }
        return b;
    }

    private static Button labelled(Button b, String label) {
        return b.withFace(b.face().withLabel(label));
    }

    private static Button doing(Button b, Doing doing) {
        return b.withActs(new Acts(Says.NOTHING, null, List.of(doing), Leads.STAYS));
    }

    /** A button as the wire has it. */
    private static Button told(JsonNode json) {
        JsonMapper mapper = JsonMapper.shared();
        List<Doing> doings = json.path("doings").valueStream().map(d -> mapper.treeToValue(d, Doing.class)).toList();
        HowSaid how = json.has("how") ? mapper.treeToValue(json.get("how"), HowSaid.class) : HowSaid.USUAL;
        Says says = json.has("says") ? mapper.treeToValue(json.get("says"), Says.class) : Says.LABEL;
        Leads leads = json.has("leads") ? mapper.treeToValue(json.get("leads"), Leads.class) : Leads.STAYS;
        return Button.word("b", new Cell(0, 0), json.get("label").asString(), null, null)
            .withActs(new Acts(says, how, json.has("sound") ? json.get("sound").asString() : null, doings, leads));
    }

    /** What is performed as the cases write it: see "performedReads" there. */
    private static String written(Effect.Performed performed) {
        if (performed instanceof Effect.Say say) {
            return (say.sound() == null ? "" : "♪" + say.sound().substring(4, 6) + " ") + say.text()
                + (say.manner() == Manner.PLAINLY ? "" : " (" + say.manner().word() + ")") + (say.spoken().equals(say.text()) ? "" : " [" + say.spoken() + "]");
        }
        if (performed instanceof Effect.Pad) {
            return "pad";
        }
        if (performed instanceof Effect.Show show) {
            return "show " + show.list();
        }
        if (performed instanceof Effect.NextTurn) {
            return "next turn";
        }
        return performed instanceof Effect.Turn turn ? turn.dial().name().toLowerCase(Locale.ROOT) + " " + turn.steps() : "stop";
    }

    @ParameterizedTest
    @MethodSource("tapping")
    void tappingIsTheSameHereAndThere(JsonNode tried) {
        Tapped last = new Tapped(Talking.at("home"), List.of(), false);
        List<Token> offered = tried.path("offered").valueStream().map(w -> w.isNull() ? null : new Token(w.asString(), List.of(), false, null, HowSaid.USUAL))
            .collect(Collectors.toList());
        Around around = new Around("home", Set.of("home", "food", "fruit")::contains, FITTING, tried.path("name").asString(""), offered);
        for (JsonNode tap : tried.get("taps").valueStream().toList()) {
            last = last.after().tap(tap.isString() ? tapped(tap.asString()) : told(tap), around);
        }
        assertThat(last.after().message()).extracting(Token::text).containsExactlyElementsOf(tried.get("message").valueStream().map(JsonNode::asString)
            .toList());
        assertThat(last.after().board()).isEqualTo(tried.get("at").asString());
        assertThat(last.after().trail()).containsExactlyElementsOf(tried.path("trail").valueStream().map(JsonNode::asString).toList());
        assertThat(last.performed()).extracting(SharedCasesTest::written).containsExactlyElementsOf(tried.path("performed").valueStream()
            .map(JsonNode::asString).toList());
        assertThat(last.nowhere()).isEqualTo(tried.path("nowhere").asBoolean(false));
    }

    @Test
    void thePapersAreTheSameHereAndThere() {
        assertThat(CASES.get("papers").valueStream().map(p -> p.get("name").asString() + p.get("colour").asString()).toList())
            .isEqualTo(Stream.of(ColouredPaper.values()).map(p -> p.paper() + p.colour().hex()).toList());
    }

    private static Stream<JsonNode> looks() {
        return CASES.get("looks").valueStream();
    }

    private static Look look(JsonNode json) {
        return JsonMapper.shared().treeToValue(json, Look.class);
    }

    @ParameterizedTest
    @MethodSource("looks")
    void looksAreTheSameHereAndThere(JsonNode tried) {
        JsonNode paper = tried.get("kindPaper");
        Look seen = Look.seen(look(tried.get("whole")), look(tried.get("board")), look(tried.get("button")),
            paper.isNull() ? null : Colour.of(paper.asString()));
        JsonNode is = JsonMapper.shared().valueToTree(seen);
        tried.get("seen").properties().forEach(p -> assertThat(is.path(p.getKey()).isMissingNode() ? "null" : is.get(p.getKey()).toString()).as(p.getKey())
            .isEqualTo(p.getValue().toString()));
    }

    private static Stream<JsonNode> darkOnes() {
        return CASES.get("darkOnes").valueStream();
    }

    @ParameterizedTest
    @MethodSource("darkOnes")
    void lettersAreWhiteOnTheSameColoursHereAndThere(JsonNode tried) {
        assertThat(Colour.of(tried.get("colour").asString()).ink() == Colour.WHITE).isEqualTo(tried.get("white").asBoolean());
    }

    private static Stream<JsonNode> voices() {
        return CASES.get("voices").valueStream();
    }

    @ParameterizedTest
    @MethodSource("voices")
    void whatIsHeardIsChosenTheSameHereAndThere(JsonNode tried) {
        assertThat(WaysToSay.of(JsonMapper.shared().treeToValue(tried.get("given"), WaysToSay.Given.class))).extracting(Enum::name)
            .containsExactlyElementsOf(tried.get("ways").valueStream().map(JsonNode::asString).toList());
    }

    private static Stream<JsonNode> phonetic() {
        return CASES.get("phonetic").valueStream();
    }

    @ParameterizedTest
    @MethodSource("phonetic")
    void whatIsWrittenAsItSoundsIsFoundTheSameHereAndThere(JsonNode tried) {
        String text = tried.get("text").asString();
        List<Phonetic.Piece> pieces = tried.get("pieces").valueStream().map(p -> new Phonetic.Piece(p.get(0).asString(), p.get(1).asBoolean())).toList();
        assertThat(Phonetic.pieces(text)).isEqualTo(pieces);
        assertThat(Phonetic.isIn(text)).isEqualTo(pieces.stream().anyMatch(Phonetic.Piece::sounds));
    }

    private static Stream<JsonNode> forms() {
        return CASES.get("forms").valueStream();
    }

    private static final Fitting FITTING = new Fitting(CASES.get("formWords").valueStream().map(f -> JsonMapper.shared().treeToValue(f.get("forms"),
        FormsOf.class)).toList());

    private static Stream<JsonNode> formWords() {
        return CASES.get("formWords").valueStream();
    }

    @ParameterizedTest
    @MethodSource("formWords")
    void theFormsOfTheCasesAreThoseThatAreMade(JsonNode tried) {
        FormsOf forms = JsonMapper.shared().treeToValue(tried.get("forms"), FormsOf.class);
        assertThat(WordForms.english().of(forms.word(), Kind.valueOf(tried.get("kind").asString()))).isEqualTo(forms);
    }

    @ParameterizedTest
    @MethodSource("forms")
    void theFormThatFitsIsMadeTheSameHereAndThere(JsonNode tried) {
        for (Form form : Form.values()) {
            assertThat(FITTING.changed(tried.path("before").asString(null), tried.get("last").asString(), form).orElse(null)).as("%s", form)
                .isEqualTo(tried.path(form.name()).asString(null));
        }
    }

    private static Stream<JsonNode> dayWords() {
        return CASES.get("dayWords").valueStream();
    }

    @ParameterizedTest
    @MethodSource("dayWords")
    void aDayWordIsShownTheSameHereAndThere(JsonNode tried) {
        DayWord day = DayWord.valueOf(tried.get("day").asString());
        String label = tried.get("label").asString();
        Button button = Button.word("d", new Cell(0, 0), label, tried.path("picture").asString(null), Kind.THING)
            .withActs(Acts.SPEAK.withSays(new Says.OfDay(day)).withSound(tried.path("sound").asString(null))
                .withHow(new HowSaid(Manner.PLAINLY, When.BOTH, tried.path("as").asString(null))));
        Button shown = OnTheDay.shown(button, tried.has("said") ? Map.of(day, JsonMapper.shared().treeToValue(tried.get("said"), DaySaid.class)) : Map.of());
        assertThat(shown.label()).isEqualTo(tried.get("shows").asString());
        assertThat(shown.spoken()).isEqualTo(tried.get("says").asString());
        assertThat(shown.sound()).isEqualTo(tried.path("sounds").asString(null));
        assertThat(shown.how().as()).isEqualTo(tried.has("said") ? null : tried.path("as").asString(null));
        assertThat(shown.picture()).isEqualTo(tried.path("pictured").asString(null));
        assertThat(shown.look().edge()).isEqualTo(tried.has("edge") ? tried.get("edge").asInt() : null);
        assertThat(shown.look().border()).isEqualTo(tried.has("border") ? Colour.of(tried.get("border").asString()) : null);
    }

    @Test
    void thereAreCasesOfEach() {
        assertThat(CASES.get("nextCell").size() + CASES.get("layers").size() + CASES.get("separators").size() + CASES.get("tapping").size()).isGreaterThan(35);
    }
}
