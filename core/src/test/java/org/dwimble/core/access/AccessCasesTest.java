package org.dwimble.core.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.dwimble.core.access.Touches.Point;
import org.dwimble.core.access.kept.KeptAccess;
import org.dwimble.core.board.Cell;
import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.told.Unacceptable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What touches and presses come to, on the cases the web client is tried on as well. */
class AccessCasesTest {
    private static final InputStream IN = AccessCasesTest.class.getResourceAsStream("access-cases.json");
    private static final JsonNode CASES = JsonMapper.shared().readTree(IN);
    private static final Length SIDE = Length.mm(20);
    private static final List<Touches.Target> CELLS = List.of(new Touches.Target("a", new Rect(Length.ZERO, Length.ZERO, SIDE, SIDE)),
        new Touches.Target("b", new Rect(Length.mm(24), Length.ZERO, SIDE, SIDE)), new Touches.Target("c", new Rect(Length.ZERO, Length.mm(24), SIDE, SIDE)));

    private static Stream<JsonNode> touching() {
        return CASES.get("touching").valueStream();
    }

    @ParameterizedTest
    @MethodSource("touching")
    void aTouchCountsTheSameHereAndThere(JsonNode tried) {
        JsonNode how = tried.get("how");
        Touching usual = Touching.USUAL;
        Touches touches = new Touches(new Touching(Touching.When.valueOf(how.path("when").asString("ON_RELEASE")), how.path("restMs").asInt(usual.restMs()),
            how.path("againMs").asInt(0), Length.mm(how.path("slip").asInt(0)), Length.mm(how.path("edge").asInt(0))), CELLS);
        for (JsonNode line : tried.get("script")) {
            String[] parts = line.asString().split(" -> ");
            String[] words = parts[0].split(" ");
            long ms = Long.parseLong(words[0]);
            Optional<String> counted = switch (words[1]) {
                case "down" -> touches.down(ms, point(words[2]));
                case "up" -> touches.lifted(ms);
                case "wait" -> touches.passed(ms);
                default -> {
                    if (words[1].equals("drop")) {
                        touches.dropped();
                    } else {
                        touches.moved(ms, point(words[2]));
                    }
                    yield Optional.empty();
                }
            };
            assertThat(counted.orElse(null)).as(line.asString()).isEqualTo(parts.length > 1 ? parts[1] : null);
        }
    }

    private static Point point(String written) {
        String[] xy = written.split(",");
        return new Point(Length.mm(Double.parseDouble(xy[0])), Length.mm(Double.parseDouble(xy[1])));
    }

    private static Stream<JsonNode> rounds() {
        return CASES.get("rounds").valueStream();
    }

    @ParameterizedTest
    @MethodSource("rounds")
    void aRoundIsTheSameHereAndThere(JsonNode tried) {
        assertThat(written(round(scanning(tried.get("how")), tried.get("board"), tried.get("bar")))).isEqualTo(tried.get("round").asString());
    }

    private static List<Stop> round(Scanning how, JsonNode board, JsonNode bar) {
        List<Round.Placed> placed = new ArrayList<>();
        int columns = 0;
        for (int row = 0; row < board.size(); row++) {
            String[] words = board.get(row).asString().split(" ");
            columns = words.length;
            for (int column = 0; column < columns; column++) {
                if (!words[column].equals(".")) {
                    placed.add(0, new Round.Placed(words[column], new Cell(row, column)));
                }
            }
        }
        return Round.of(how, board.size(), columns, placed, bar.valueStream().map(JsonNode::asString).toList());
    }

    private static String written(List<Stop> round) {
        return round.stream().map(s -> s.isGroup() ? s.id() + "(" + written(s.within()) + ")" : s.id()).collect(Collectors.joining(", "));
    }

    private static Scanning scanning(JsonNode how) {
        List<Blocks> blocks = how.path("blocks").valueStream().map(b -> JsonMapper.shared().treeToValue(b, Blocks.class)).toList();
        Switch stepping = how.has("stepping") ? new Switch(Switch.Sort.KEY, how.get("stepping").asString()) : null;
        return new Scanning(Scanning.Way.valueOf(how.path("way").asString("ROWS")), how.path("stepMs").asInt(1000), how.path("firstMs").asInt(0),
            how.path("loops")
                .asInt(3),
            false, Switch.SPACE, stepping, 0, blocks);
    }

    private static List<Stop> usualRound(Scanning how) {
        return round(how, JsonMapper.shared().readTree("[\"I go\", \"sea crab\", \"up .\"]"), JsonMapper.shared().readTree("[\"say\", \"clear\"]"));
    }

    private static Stream<JsonNode> scripts() {
        return CASES.get("scanning").valueStream();
    }

    @ParameterizedTest
    @MethodSource("scripts")
    void aRoundGoesOnTheSameHereAndThere(JsonNode tried) {
        Scanning how = scanning(tried.get("how"));
        Scan scan = Scan.begin(how, usualRound(how), 0);
        for (JsonNode line : tried.get("script")) {
            String[] parts = line.asString().split(" -> ");
            String[] halves = parts[0].split(" / ?", 2);
            String[] words = halves[0].split(" ");
            long ms = Long.parseLong(words[0]);
            Optional<String> chosen = Optional.empty();
            scan = scan.passed(ms);
            if (words[1].equals("step")) {
                scan = scan.stepped(ms);
            } else if (words[1].equals("take")) {
                Scan.Pressed pressed = scan.pressed(ms);
                scan = pressed.scan();
                chosen = pressed.chosen();
            }
            assertThat(scan.lit().stream().flatMap(Stop::lit).collect(Collectors.joining(" "))).as(line.asString()).isEqualTo(halves[1]);
            assertThat(chosen.orElse(null)).as(line.asString()).isEqualTo(parts.length > 1 ? parts[1] : null);
        }
    }

    private static Stream<JsonNode> costs() {
        return CASES.get("costs").valueStream();
    }

    @ParameterizedTest
    @MethodSource("costs")
    void whatScanningCosts(JsonNode tried) {
        Scanning how = scanning(tried.get("how"));
        Map<String, ScanCost> costs = ScanCost.of(how, usualRound(how));
        tried.get("costs").properties().forEach(e -> assertThat(costs.get(e.getKey())).as(e.getKey())
            .isEqualTo(new ScanCost(e.getValue().get(0).asInt(), e.getValue().get(1).isNull() ? null : e.getValue().get(1).asLong())));
    }

    @Test
    void theMeanOfCostsIsToldInWholes() {
        assertThat(ScanCost.mean(List.of(new ScanCost(2, 1000L), new ScanCost(3, 2001L)))).isEqualTo(new ScanCost(3, 1500L));
        assertThat(ScanCost.mean(List.of(new ScanCost(2, null), new ScanCost(4, null)))).isEqualTo(new ScanCost(3, null));
    }

    @Test
    void whatIsAsUsualIsNotKeptAndAllElseComesBack() {
        assertThat(KeptAccess.write(Access.USUAL)).isNull();
        assertThat(KeptAccess.read(null)).isEqualTo(Access.USUAL);
        Scanning by = new Scanning(Scanning.Way.BLOCKS, 900, 0, 2, true, new Switch(Switch.Sort.PAD_BUTTON, "3"), new Switch(Switch.Sort.TOUCH, "x"), 10,
            List.of(new Blocks(1, 2, List.of(1, 0))));
        Access access = new Access(new Touching(Touching.When.AFTER_RESTING, 700, 300, Length.mm(4), Length.mm(2)), by);
        assertThat(KeptAccess.read(KeptAccess.write(access))).isEqualTo(access);
        assertThat(KeptAccess.read("{\"scanning\":{}}").scanning()).as("what is left out is as usual").isEqualTo(Scanning.USUAL);
        assertThat(KeptAccess.read("{\"touching\":{}}")).isEqualTo(Access.USUAL);
    }

    @Test
    void whatCannotBeIsRefusedWithItsSentence() {
        List<Runnable> wrong = List.of(() -> new Touching(null, 50, 0, Length.ZERO, Length.ZERO), () -> new Touching(null, 600, 0, Length.mm(-1), Length.ZERO),
            () -> new Switch(Switch.Sort.KEY, " "), () -> new Switch(Switch.Sort.PAD_BUTTON, "A"), () -> new Blocks(2, 2, List.of(1, 1, 1)),
            () -> new Blocks(1, 1, List.of(13)),
            () -> new Scanning(null, 100, 0, 1, false, Switch.SPACE, null, 0, List.of()),
            () -> new Scanning(null, 1000, 0, 0, false, Switch.SPACE, null, 0, List.of()),
            () -> new Scanning(null, 1000, 0, 1, false, Switch.SPACE, Switch.SPACE, 0, List.of()),
            () -> new Scanning(null, 1000, 0, 1, false, Switch.SPACE, null, 0, List.of(new Blocks(1, 1, List.of(1)), new Blocks(1, 1, List.of(2)))));
        assertThat(wrong).allSatisfy(w -> assertThatThrownBy(w::run).isInstanceOf(Unacceptable.class));
    }
}
