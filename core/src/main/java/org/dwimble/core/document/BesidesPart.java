package org.dwimble.core.document;

import java.util.ArrayList;
import java.util.List;
import org.dwimble.core.plan.Besides;
import org.dwimble.core.plan.Grid;
import org.dwimble.core.plan.Place;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What a step does besides showing words, inside a step. */
final class BesidesPart {
    private BesidesPart() {
    }

    static void put(Besides besides, ObjectNode step) {
        if (!besides.grids().isEmpty()) {
            ArrayNode grids = step.putArray("grids");
            besides.grids().forEach(g -> {
                ObjectNode one = grids.addObject().put("board", g.board());
                one.set("to", grid(g.to()));
                if (g.was() != null) {
                    one.set("was", grid(g.was()));
                }
            });
        }
        if (!besides.moves().isEmpty()) {
            ArrayNode moves = step.putArray("moves");
            besides.moves().forEach(m -> {
                ObjectNode one = moves.addObject().put("button", m.button());
                one.set("to", place(m.to()));
                if (m.was() != null) {
                    one.set("was", place(m.was()));
                }
            });
        }
        if (!besides.quiet().isEmpty()) {
            ArrayNode quiet = step.putArray("quiet");
            besides.quiet().forEach(quiet::add);
        }
    }

    static Besides of(JsonNode step) {
        List<Besides.Regrids> grids = new ArrayList<>();
        step.path("grids").forEach(g -> grids.add(new Besides.Regrids(g.path("board").asString(), grid(g.path("to")),
            g.path("was").isArray() ? grid(g.path("was")) : null)));
        List<Besides.Moves> moves = new ArrayList<>();
        step.path("moves").forEach(m -> moves.add(new Besides.Moves(m.path("button").asString(), place(m.path("to")), maybe(m.path("was")))));
        List<String> quiet = new ArrayList<>();
        step.path("quiet").forEach(q -> quiet.add(q.asString()));
        return new Besides(grids, moves, quiet);
    }

    private static @Nullable Place maybe(JsonNode place) {
        return place.isArray() ? place(place) : null;
    }

    private static ArrayNode grid(Grid grid) {
        ArrayNode json = Json.mapper().createArrayNode().add(grid.rows()).add(grid.columns());
        ArrayNode heights = json.addArray();
        grid.heights().forEach(heights::add);
        ArrayNode widths = json.addArray();
        grid.widths().forEach(widths::add);
        return json;
    }

    private static Grid grid(JsonNode json) {
        return new Grid(json.path(0).asInt(), json.path(1).asInt(), shares(json.path(2)), shares(json.path(3)));
    }

    private static List<Integer> shares(JsonNode json) {
        List<Integer> shares = new ArrayList<>();
        json.forEach(s -> shares.add(s.asInt()));
        return shares;
    }

    private static ArrayNode place(Place place) {
        return Json.mapper().createArrayNode().add(place.board()).add(place.row()).add(place.column()).add(place.rows()).add(place.columns());
    }

    private static Place place(JsonNode json) {
        return new Place(json.path(0).asString(""), json.path(1).asInt(), json.path(2).asInt(), json.path(3).asInt(), json.path(4).asInt());
    }
}
