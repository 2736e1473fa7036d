package org.dwimble.core;

import static org.assertj.core.api.Assertions.assertThat;
import static org.dwimble.core.Boards.board;

import java.io.InputStream;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Layer;
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
        assertThat(new Layer("base/kite", of.get(0).asInt(), of.get(1).asInt(), of.get(2).asInt())).isEqualTo(new Layer("base/kite", is.get(0).asInt(), is.get(1).asInt(), is.get(2).asInt()));
        assertThat(new Layer("base/kite", of.get(0).asInt(), of.get(1).asInt(), of.get(2).asInt()).x()).isEqualTo(is.get(0).asInt());
    }

    @ParameterizedTest
    @MethodSource("separators")
    void wordsArePartedTheSameHereAndThere(JsonNode tried) {
        assertThat(WordLine.read(tried.get("text").asString())).extracting(WordLine.Entry::label).containsExactlyElementsOf(tried.get("words").valueStream().map(JsonNode::asString).toList());
    }

    @Test
    void thereAreCasesOfEach() {
        assertThat(CASES.get("nextCell").size() + CASES.get("layers").size() + CASES.get("separators").size()).isGreaterThan(15);
    }
}
