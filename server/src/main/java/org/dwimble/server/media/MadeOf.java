package org.dwimble.server.media;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.dwimble.core.board.Layer;
import org.dwimble.core.compose.Composition;
import org.dwimble.core.picture.Appearance;
import org.dwimble.server.library.Library;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;

/** How a picture that was put together is kept: as what it is made of, in JSON, under a type of its own. It is drawn when it is asked for. */
public final class MadeOf {
    public static final String TYPE = "application/vnd.dwimble.composition+json";
    private static final JsonMapper JSON = JsonMapper.shared();

    private MadeOf() {
    }

    public static byte[] written(Composition composition) {
        ArrayNode parts = JSON.createArrayNode();
        composition.parts().forEach(p -> parts.addObject().put("picture", p.picture()).put("x", p.x()).put("y", p.y()).put("size", p.size()));
        return JSON.writeValueAsBytes(JSON.createObjectNode().set("parts", parts));
    }

    static Composition read(byte[] bytes) {
        List<Layer> parts = new ArrayList<>();
        for (JsonNode p : JSON.readTree(bytes).get("parts")) {
            parts.add(new Layer(p.get("picture").asString(), p.get("x").asInt(), p.get("y").asInt(), p.get("size").asInt()));
        }
        return new Composition(parts);
    }

    /** The drawing, as it looks to somebody. */
    static byte[] drawn(byte[] bytes, Appearance appearance) {
        return read(bytes).svg(id -> Library.drawing(id, appearance).map(svg -> new String(svg, StandardCharsets.UTF_8)).orElse(null))
            .getBytes(StandardCharsets.UTF_8);
    }
}
