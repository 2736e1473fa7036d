package org.dwimble.core.document;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Shape;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A board as it is kept. Equal boards have equal bytes, and so one SHA-256. */
public final class BoardDocument {
    static final int FORMAT = 3;
    private static final Set<String> KEYS = LookPart.and(Formats.FORMAT, "id", "name", "rows", "columns", "heights", "widths", "buttons", "pictures", "sounds",
        "extras");

    private BoardDocument() {
    }

    public static byte[] write(Board board) {
        ObjectNode json = Json.mapper().createObjectNode();
        json.put(Formats.FORMAT, FORMAT);
        json.put("id", board.id());
        json.put("name", board.name());
        json.put("rows", board.rows());
        json.put("columns", board.columns());
        lines(board.shape().heights(), "heights", json);
        lines(board.shape().widths(), "widths", json);
        LookPart.write(board.look(), json);
        ArrayNode buttons = json.putArray("buttons");
        board.buttons().forEach(b -> buttons.add(ButtonPart.write(b)));
        Carried.write(board.facts().pictures(), "pictures", json);
        Carried.write(board.facts().sounds(), "sounds", json);
        Carried.write(board.extras(), json);
        return Json.canonical(json);
    }

    private static void lines(List<Integer> shares, String key, ObjectNode json) {
        if (!shares.isEmpty()) {
            ArrayNode all = json.putArray(key);
            shares.forEach(all::add);
        }
    }

    private static List<Integer> lines(JsonNode shares) {
        return shares.valueStream().map(JsonNode::asInt).toList();
    }

    /** @throws org.dwimble.core.told.Unacceptable if a later release wrote it */
    public static Board read(byte[] document) {
        ObjectNode json = Formats.upgraded((ObjectNode) Json.mapper().readTree(document), List.of(FirstFormat::board, SecondFormat::board));
        List<Button> buttons = new ArrayList<>();
        for (JsonNode button : json.path("buttons")) {
            buttons.add(ButtonPart.read((ObjectNode) button));
        }
        Board.Facts facts = new Board.Facts(Carried.read(json.path("pictures")), Carried.read(json.path("sounds")));
        return new Board(json.path("id").asString(), json.path("name").asString(),
            new Shape(json.path("rows").asInt(), json.path("columns").asInt(), lines(json.path("heights")),
                lines(json.path("widths"))),
            LookPart.read(json), buttons, facts, Carried.extras(json, KEYS));
    }
}
