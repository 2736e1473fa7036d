package org.dwimble.core.document;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.dwimble.core.board.Acts;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Face;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Layer;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Says;
import org.dwimble.core.board.Shown;
import org.dwimble.core.board.Span;
import org.dwimble.core.board.Standing;
import org.dwimble.core.doing.AddSpace;
import org.dwimble.core.doing.Doing;
import org.dwimble.core.doing.SayMessage;
import org.dwimble.core.doing.Spell;
import org.dwimble.core.doing.TakeLastOff;
import org.dwimble.core.plan.Hold;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;

/**
 * A button inside a board's document. What is usual is left out: one cell, says its label, stays, is shown.
 * <pre>
 *   at        [row, column]              span     [rows, columns]
 *   picture   one that takes all the room, or
 *   layers    [[picture, x, y, size], ...]
 *   says      "nothing", or {"words": ...}
 *   leads     "home", "back", {"opens": ..., "once": true}, or {"vocabulary": ...}
 *   hidden    true if it is held; what is known of that is in held, see {@link PlanPart}
 *   step      id of the step it belongs to
 *   left      the year somebody left
 *   does      ["space", "take-last-off", "clear", "say", {"spell": ...}]
 * </pre>
 */
final class ButtonPart {
    private static final Set<String> KEYS = LookPart.and("id", "at", "span", "label", "picture", "layers", "kind", "says", "sound", "does", "leads",
        "hidden", "held", "step", "left", "extras");
    private static final String NOTHING = "nothing";
    private static final String HOME = "home";
    private static final String BACK = "back";
    private static final String SPACE = "space";
    private static final String TAKE_LAST_OFF = "take-last-off";
    private static final String CLEAR = "clear";
    private static final String SAY = "say";

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
        }
        if (button.sound() != null) {
            json.put("sound", button.sound());
        }
        if (!button.doings().isEmpty()) {
            ArrayNode does = json.putArray("does");
            button.doings().forEach(d -> does.add(doing(d)));
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
        LookPart.write(button.look(), json);
        Carried.write(button.extras(), json);
        return json;
    }

    private static JsonNode doing(Doing doing) {
        if (doing instanceof Spell spell) {
            return Json.mapper().createObjectNode().put("spell", spell.letters());
        }
        if (doing instanceof SayMessage) {
            return StringNode.valueOf(SAY);
        }
        return StringNode.valueOf(doing instanceof AddSpace ? SPACE : doing instanceof TakeLastOff ? TAKE_LAST_OFF : CLEAR);
    }

    static Button read(ObjectNode json) {
        JsonNode at = json.path("at");
        JsonNode span = json.path("span");
        Standing standing = new Standing(new Cell(at.path(0).asInt(), at.path(1).asInt()), span.isArray()
            ? new Span(span.path(0).asInt(), span.path(1).asInt()) : Span.ONE);
        Face face = new Face(json.path("label").asString(""), layers(json), json.has("kind") ? Kind.of(json.path("kind").asString()) : null);
        Acts acts = new Acts(says(json.path("says")), text(json.path("sound")), doings(json.path("does")), leads(json.path("leads")));
        return new Button(json.path("id").asString(), standing, face, acts, shown(json), Carried.extras(json, KEYS));
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
        return NOTHING.equals(says.asString("")) ? Says.NOTHING : Says.LABEL;
    }

    private static List<Doing> doings(JsonNode does) {
        List<Doing> doings = new ArrayList<>();
        for (JsonNode doing : does) {
            doings.add(doing.has("spell") ? new Spell(doing.path("spell").asString()) : switch (doing.asString("")) {
                case SPACE -> Doing.SPACE;
                case TAKE_LAST_OFF -> Doing.TAKE_LAST_OFF;
                case CLEAR -> Doing.CLEAR;
                case SAY -> Doing.SAY;
                default -> throw new IllegalStateException("a board was kept with a doing that is none: " + doing);
            });
        }
        return doings;
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
            default -> Leads.STAYS;
        };
    }

    private static @Nullable String text(JsonNode text) {
        return text.isString() ? text.asString() : null;
    }
}
