package org.dwimble.core.document;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import org.dwimble.core.board.Acts;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Face;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Layer;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Origin;
import org.dwimble.core.board.Says;
import org.dwimble.core.board.Shown;
import org.dwimble.core.board.Span;
import org.dwimble.core.board.Standing;
import org.dwimble.core.dayword.DayWord;
import org.dwimble.core.doing.Doings;
import org.dwimble.core.doing.Written;
import org.dwimble.core.plan.Hold;
import org.dwimble.core.voice.HowSaid;
import org.dwimble.core.voice.Manner;
import org.dwimble.core.voice.When;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A button inside a board's document. What is usual is left out: one cell, says its label, stays, is shown.
 * <pre>
 *   at        [row, column]              span     [rows, columns]
 *   picture   one that takes all the room, or
 *   layers    [[picture, x, y, size], ...]
 *   says      "nothing", {"words": ...}, or {"day": ...}
 *   manner    how it is said, by its word
 *   when      "at-once" or "with-message"
 *   as        what a voice is given in place of the words
 *   leads     "home", "back", {"opens": ..., "once": true}, or {"vocabulary": ...}
 *   hidden    true if it is held; what is known of that is in held, see {@link PlanPart}
 *   step      id of the step it belongs to
 *   left      the year somebody left
 *   from      [id of the vocabulary it was brought from, its version, id of the button there if that is another]
 *   does      doings in order, each as its own file in {@code doing} says
 * </pre>
 */
final class ButtonPart {
    private static final Set<String> KEYS = LookPart.and("id", "at", "span", "label", "picture", "layers", "kind", "says", "manner", "when", "as", "sound",
        "does", "leads",
        "hidden", "held", "step", "left", "from", "extras");
    private static final String NOTHING = "nothing";
    private static final String HOME = "home";
    private static final String BACK = "back";

    private ButtonPart() {
    }

    static ObjectNode write(Button button) {
        ObjectNode json = Json.mapper().createObjectNode();
        json.put("id", button.id());
        json.putArray("at").add(button.cell().row()).add(button.cell().column());
        if (!button.span().equals(Span.ONE)) {
            json.putArray("span").add(button.span().rows()).add(button.span().columns());
        }
        if (!button.label().isEmpty()) {
            json.put("label", button.label());
        }
        if (button.layers().size() == 1 && button.layers().get(0).takesAllRoom()) {
            json.put("picture", button.picture());
        } else if (!button.layers().isEmpty()) {
            ArrayNode layers = json.putArray("layers");
            button.layers().forEach(l -> layers.addArray().add(l.picture()).add(l.x()).add(l.y()).add(l.size()));
        }
        if (button.kind() != null) {
            json.put("kind", button.kind().word());
        }
        if (button.says() instanceof Says.Nothing) {
            json.put("says", NOTHING);
        } else if (button.says() instanceof Says.Words words) {
            json.putObject("says").put("words", words.text());
        } else if (button.says() instanceof Says.OfDay ofDay) {
            json.putObject("says").put("day", ofDay.day().word());
        } else if (button.says() instanceof Says.OfLater later) {
            json.set("says", Written.read(later.json(), Integer.MAX_VALUE));
        }
        HowSaid how = button.how();
        if (how.manner() != Manner.PLAINLY) {
            json.put("manner", how.manner().word());
        }
        if (how.when() != When.BOTH) {
            json.put("when", how.when().word());
        }
        if (how.as() != null) {
            json.put("as", how.as());
        }
        if (button.sound() != null) {
            json.put("sound", button.sound());
        }
        if (!button.doings().isEmpty()) {
            ArrayNode does = json.putArray("does");
            button.doings().forEach(d -> does.add(Doings.kept(d)));
        }
        if (button.leads() instanceof Leads.Home) {
            json.put("leads", HOME);
        } else if (button.leads() instanceof Leads.Back) {
            json.put("leads", BACK);
        } else if (button.leads() instanceof Leads.Opens opens) {
            ObjectNode leads = json.putObject("leads").put("opens", opens.board());
            if (opens.comesBack()) {
                leads.put("once", true);
            }
        } else if (button.leads() instanceof Leads.Elsewhere elsewhere) {
            json.putObject("leads").put("vocabulary", elsewhere.vocabulary());
        } else if (button.leads() instanceof Leads.OfLater later) {
            json.set("leads", Written.read(later.json(), Integer.MAX_VALUE));
        }
        Hold hold = button.shown().hold();
        if (hold != null) {
            json.put("hidden", true);
            ObjectNode held = PlanPart.of(hold);
            if (!held.isEmpty()) {
                json.set("held", held);
            }
        }
        if (button.shown().step() != null) {
            json.put("step", button.shown().step());
        }
        if (button.shown().left() != null) {
            json.put("left", button.shown().left());
        }
        Origin origin = button.origin();
        if (origin != null) {
            ArrayNode from = json.putArray("from").add(origin.vocabulary()).add(origin.version());
            if (!origin.button().equals(button.id())) {
                from.add(origin.button());
            }
        }
        LookPart.write(button.look(), json);
        Carried.write(button.extras(), json);
        return json;
    }

    static Button read(ObjectNode json) {
        JsonNode at = json.path("at");
        JsonNode span = json.path("span");
        Standing standing = new Standing(new Cell(at.path(0).asInt(), at.path(1).asInt()), span.isArray()
            ? new Span(span.path(0).asInt(), span.path(1).asInt()) : Span.ONE);
        Face face = new Face(json.path("label").asString(""), layers(json), json.has("kind") ? Kind.of(json.path("kind").asString()) : null);
        Acts acts = new Acts(says(json.path("says")), how(json), text(json.path("sound")),
            json.path("does").valueStream().map(Doings::ofKept).toList(), leads(json.path("leads")));
        String id = json.path("id").asString();
        return new Button(id, standing, face, acts, shown(json), Carried.extras(json, KEYS), origin(json.path("from"), id));
    }

    private static @Nullable Origin origin(JsonNode from, String id) {
        return from.isArray() ? new Origin(from.path(0).asString(), from.path(1).asInt(), from.has(2) ? from.path(2).asString() : id) : null;
    }

    private static Shown shown(ObjectNode json) {
        return new Shown(json.path("hidden").asBoolean(false) ? PlanPart.hold(json.path("held")) : null, text(json.path("step")),
            json.has("left") ? json.path("left").asInt() : null, LookPart.read(json));
    }

    private static List<Layer> layers(ObjectNode json) {
        List<Layer> layers = new ArrayList<>();
        for (JsonNode layer : json.path("layers")) {
            layers.add(new Layer(layer.path(0).asString(), layer.path(1).asInt(), layer.path(2).asInt(), layer.path(3).asInt()));
        }
        return layers.isEmpty() ? Layer.only(text(json.path("picture"))) : layers;
    }

    private static Says says(JsonNode says) {
        if (says.has("words")) {
            return new Says.Words(says.path("words").asString());
        }
        Optional<DayWord> day = says.has("day") ? DayWord.of(says.path("day").asString("")) : Optional.empty();
        if (day.isPresent()) {
            return new Says.OfDay(day.get());
        }
        if (says.isMissingNode() || NOTHING.equals(says.asString(""))) {
            return says.isMissingNode() ? Says.LABEL : Says.NOTHING;
        }
        return new Says.OfLater(says.toString());
    }

    private static HowSaid how(ObjectNode json) {
        return new HowSaid(worded(Manner.values(), Manner::word, json.path("manner"), Manner.PLAINLY),
            worded(When.values(), When::word, json.path("when"), When.BOTH), text(json.path("as")));
    }

    private static <T> T worded(T[] all, Function<T, String> word, JsonNode said, T usual) {
        return Stream.of(all).filter(one -> word.apply(one).equals(said.asString(""))).findFirst().orElse(usual);
    }

    private static Leads leads(JsonNode leads) {
        if (leads.has("opens")) {
            return new Leads.Opens(leads.path("opens").asString(), leads.path("once").asBoolean(false));
        }
        if (leads.has("vocabulary")) {
            return new Leads.Elsewhere(leads.path("vocabulary").asLong());
        }
        return switch (leads.asString("")) {
            case HOME -> Leads.HOME;
            case BACK -> Leads.BACK;
            default -> leads.isMissingNode() ? Leads.STAYS : new Leads.OfLater(leads.toString());
        };
    }

    private static @Nullable String text(JsonNode text) {
        return text.isString() ? text.asString() : null;
    }
}
