package org.dwimble.core.obf;

import java.io.IOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
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
import org.dwimble.core.board.Span;
import org.dwimble.core.board.Standing;
import org.dwimble.core.dayword.DayWord;
import org.dwimble.core.doing.Doing;
import org.dwimble.core.doing.Doings;
import org.dwimble.core.doing.OtherAction;
import org.dwimble.core.doing.Spell;
import org.dwimble.core.look.Look;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.voice.HowSaid;
import org.dwimble.core.voice.When;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Reads one board's JSON. Everything it cannot use as given is mended or left out, and said in a finding. */
final class BoardReader {

    private static final Set<String> BOARD_KEYS = Set.of("format", "id", OutsideIds.OURS, "locale", "name", "buttons", "images", "sounds", "grid",
        ObfGrid.LINES, ObfLook.LOOK);
    private static final Set<String> BUTTON_KEYS = Set.of("id", OutsideIds.OURS, "label", "vocalization", "image_id", "sound_id", "hidden",
        ObfPlan.STEP, ObfPlan.HELD, ObfPlan.WAITS, "load_board", ObfWriter.LAYERS,
        "action", "actions", ObfWriter.SPAN, ObfWriter.KIND, ObfWriter.SAYS, ObfWriter.LEADS, ObfLook.LOOK, ObfLook.LEFT,
        ObfWriter.ELSEWHERE, ObfWriter.DOES, ObfHow.MANNER, ObfHow.WHEN, ObfHow.AS, ObfWriter.DAY);
    static final int MOST_OF_A_BUTTON = 20_000;
    private static final int MOST_OF_A_BOARD = 200_000;
    private static final int MOST_ACTIONS_TOLD = 5;
    private static final int MOST_OF_A_DOING = 4_000;

    private final ObfReader reader;
    private final ObjectNode json;
    private final String boardId;
    private final String outsideId;
    private final BoardMedia.Attached attached;
    @SuppressWarnings("NullAway.Init")
    private BoardMedia pictures;
    @SuppressWarnings("NullAway.Init")
    private BoardMedia sounds;
    private String name = "";
    private int linksAway;

    /** @param boardId ours @param outsideId what the file calls it */
    BoardReader(ObfReader reader, ObjectNode json, String boardId, String outsideId, BoardMedia.Attached attached) {
        this.reader = reader;
        this.json = json;
        this.boardId = boardId;
        this.outsideId = outsideId;
        this.attached = attached;
    }

    /** @param repeated button ids that stand on other boards too and so get this board's id in front */
    Board read(Set<String> repeated, String wantedName) throws Refused {
        name = Text.cut(Text.tidy(wantedName), Board.LONGEST_NAME);
        if (name.isEmpty()) {
            name = "Board";
        }
        if (Text.length(Text.tidy(wantedName)) > Board.LONGEST_NAME) {
            reader.findings().found("found-name-long", "most", Board.LONGEST_NAME, "name", Text.cut(name, 40));
        }
        try {
            pictures = BoardMedia.pictures(reader, json, name, attached);
            sounds = BoardMedia.sounds(reader, json, name, attached);
            Map<String, ObjectNode> buttons = buttons();
            Grid grid = grid(buttons);
            List<Button> placed = new ArrayList<>();
            for (Map.Entry<String, Standing> at : grid.standing.entrySet()) {
                ObjectNode button = Objects.requireNonNull(buttons.get(at.getKey()));
                String id = reader.ids().button(boardId, at.getKey(), repeated.contains(at.getKey()), button);
                placed.add(button(id, at.getKey(), button, at.getValue()));
            }
            if (linksAway > 0) {
                reader.findings().found("found-links-away", "board", name, "count", linksAway);
            }
            Map<String, JsonNode> extras = unused(json, BOARD_KEYS, MOST_OF_A_BOARD);
            reader.findings().carried(extras.keySet());
            keepOutside(extras, boardId, outsideId);
            return new Board(boardId, name, grid.shape(), ObfLook.read(json), placed, new Board.Facts(pictures.facts(), sounds.facts()),
                Extras.ofPackage(extras));
        } catch (Unacceptable e) {
            throw new Refused("board-refused", "board", name, "why", e.told());
        } catch (IOException e) {
            throw new Refused("board-media-broken", "board", name);
        }
    }

    /** What a file calls it is written back where it is not ours. */
    private static void keepOutside(Map<String, JsonNode> extras, String ours, String outside) {
        if (!ours.equals(outside)) {
            extras.put("id", JsonNodeFactory.instance.stringNode(outside));
        }
    }

    private Map<String, ObjectNode> buttons() {
        Map<String, ObjectNode> buttons = new LinkedHashMap<>();
        int nameless = 0;
        for (JsonNode item : json.path("buttons")) {
            if (item instanceof ObjectNode button) {
                String id = ObfReader.text(button, "id", "");
                if (id.isEmpty()) {
                    id = boardId + "-" + ++nameless;
                    button.put("id", id);
                }
                if (buttons.putIfAbsent(id, button) != null) {
                    reader.findings().found("found-id-twice", "board", name, "id", Text.cut(id, 40));
                }
            }
        }
        return buttons;
    }

    private record Grid(Shape shape, Map<String, Standing> standing) {
    }

    /** Where each button stands: by the grid; buttons the grid forgets go into empty cells, in rows added below if need be. */
    private Grid grid(Map<String, ObjectNode> buttons) {
        ObfGrid.Read grid = ObfGrid.read(json);
        if (grid.odd()) {
            reader.findings().found("found-grid-size", "board", name);
        } else if (grid.larger()) {
            reader.findings().found("found-grid-larger", "board", name, "rows", grid.rows(), "columns", grid.columns());
        }
        int rows = grid.rows();
        int columns = grid.columns();
        if (rows < 1 || columns < 1) {
            columns = Math.max(1, (int) Math.ceil(Math.sqrt(buttons.size())));
            rows = Math.max(1, (buttons.size() + columns - 1) / columns);
            if (!buttons.isEmpty()) {
                reader.findings().found("found-no-grid", "board", name, "rows", rows, "columns", columns);
            }
        }
        List<List<String>> order = grid.order();
        Shape shape = grid.shape() == null ? new Shape(rows, columns) : grid.shape();
        Map<String, Standing> standing = new LinkedHashMap<>();
        Set<Cell> taken = new HashSet<>();
        for (int r = 0; r < order.size(); r++) {
            for (int c = 0; c < order.get(r).size(); c++) {
                String id = order.get(r).get(c);
                Cell cell = new Cell(r, c);
                if (id.isEmpty() || taken.contains(cell)) {
                    continue;
                }
                if (!buttons.containsKey(id)) {
                    reader.findings().found("found-grid-names-nothing", "board", name, "id", Text.cut(id, 40));
                    continue;
                }
                if (standing.containsKey(id)) {
                    reader.findings().found("found-in-several-cells", "button", label(buttons.get(id)), "board", name);
                    continue;
                }
                Span span = span(buttons.get(id), order, cell, id);
                Standing wanted = new Standing(cell, span);
                if (!wanted.fits(shape) || wanted.cells().stream().anyMatch(taken::contains)) {
                    reader.findings().found("found-covers-others", "button", label(buttons.get(id)), "board", name);
                    wanted = Standing.at(cell);
                }
                taken.addAll(wanted.cells());
                standing.put(id, wanted);
            }
        }
        List<String> forgotten = buttons.keySet().stream().filter(id -> !standing.containsKey(id)).toList();
        if (!forgotten.isEmpty()) {
            if (order.size() > 0) {
                reader.findings().found("found-outside-grid", "count", forgotten.size(), "board", name);
            }
            rows = Math.max(rows, (taken.size() + forgotten.size() + columns - 1) / columns);
            if (rows != shape.rows()) {
                shape = new Shape(rows, columns);
                reader.findings().found("found-grid-larger", "board", name, "rows", rows, "columns", columns);
            }
            int next = 0;
            for (String id : forgotten) {
                while (taken.contains(new Cell(next / columns, next % columns))) {
                    next++;
                }
                Cell cell = new Cell(next / columns, next % columns);
                taken.add(cell);
                standing.put(id, Standing.at(cell));
            }
        }
        return new Grid(shape, standing);
    }

    /** Dwimble's own span; else the rectangle of cells that repeat the id, as some packages write it. */
    private static Span span(ObjectNode button, List<List<String>> order, Cell cell, String id) {
        JsonNode own = button.path(ObfWriter.SPAN);
        if (own.isObject()) {
            return new Span(lines(own.path("rows")), lines(own.path("columns")));
        }
        int columns = 1;
        while (cell.column() + columns < order.get(cell.row()).size() && order.get(cell.row()).get(cell.column() + columns).equals(id)) {
            columns++;
        }
        int rows = 1;
        while (cell.row() + rows < order.size() && order.get(cell.row() + rows).get(cell.column()).equals(id)) {
            rows++;
        }
        return new Span(rows, columns);
    }

    /** As many lines as a board can have, whatever a file says. */
    private static int lines(JsonNode told) {
        return Math.max(1, Math.min(Board.MOST_LINES, told.asInt(1)));
    }

    private static String label(ObjectNode button) {
        return Text.cut(Text.tidy(button.path("label").asString("")), 40);
    }

    private Button button(String id, String outside, ObjectNode json, Standing standing) {
        String label = Text.tidy(ObfReader.text(json, "label", ""));
        Map<String, JsonNode> extras = unused(json, BUTTON_KEYS, MOST_OF_A_BUTTON);
        if (json.has(ObfWriter.DAY) && DayWord.of(json.path(ObfWriter.DAY).asString("")).isEmpty()) {
            extras.put(ObfWriter.DAY, json.path(ObfWriter.DAY));
        }
        if (Text.length(label) > Face.LONGEST_LABEL) {
            reader.findings().found("found-label-long", "board", name, "most", Face.LONGEST_LABEL, "label", Text.cut(label, 20));
            label = Text.cut(label, Face.LONGEST_LABEL);
        }
        List<Layer> layers = layers(json);
        if (layers.isEmpty()) {
            layers = Layer.only(pictures.askedFor(ObfReader.text(json, "image_id", "")));
        }
        Look look = ObfLook.ofButton(json, extras);
        reader.findings().carried(extras.keySet().stream().filter(k -> !k.equals("url")).collect(Collectors.toSet()));
        linksAway += extras.containsKey("url") ? 1 : 0;
        keepOutside(extras, id, outside);
        keepElsewhere(json, layers, extras);
        Leads leads = leads(json, extras);
        List<Doing> doings = doings(json);
        Says says = says(json, leads, doings);
        if (label.isEmpty() && layers.isEmpty()) {
            label = says instanceof Says.Words words ? Text.cut(words.text(), Face.LONGEST_LABEL) : "?";
            reader.findings().found("found-nameless", "board", name, "label", label);
        }
        String kindWord = json.path(ObfWriter.KIND).asString("");
        Kind kind = says == Says.NOTHING || kindWord.equals(ObfWriter.NO_KIND) ? null : Kind.THING;
        for (Kind known : Kind.values()) {
            kind = known.word().equals(kindWord) ? known : kind;
        }
        return new Button(id, standing, new Face(label, layers, kind),
            new Acts(says, how(json, says, doings), sounds.askedFor(ObfReader.text(json, "sound_id", "")), doings, leads), ObfPlan.shown(json, look),
            Extras.ofPackage(extras));
    }

    /** Where its picture or its sound would be, for a file that is written; Dwimble opens no address. */
    private void keepElsewhere(ObjectNode json, List<Layer> layers, Map<String, JsonNode> extras) {
        ObjectNode picture = layers.isEmpty() ? pictures.elsewhere(ObfReader.text(json, "image_id", "")) : null;
        if (picture != null) {
            extras.put(ObfWriter.PICTURE_ELSEWHERE, picture);
        }
        ObjectNode sound = sounds.elsewhere(ObfReader.text(json, "sound_id", ""));
        if (sound != null) {
            extras.put(ObfWriter.SOUND_ELSEWHERE, sound);
        }
    }

    /** The parts of a layered picture that came along, at most as many as a button can have. */
    private List<Layer> layers(ObjectNode json) {
        List<Layer> layers = new ArrayList<>();
        for (JsonNode layer : json.path(ObfWriter.LAYERS)) {
            String picture = pictures.askedFor(layer.path("image_id").asString(""));
            if (picture != null && layers.size() < Face.MOST_LAYERS) {
                layers.add(new Layer(picture, layer.path("x").asInt(0), layer.path("y").asInt(0), layer.path("size").asInt(Layer.ROOM)));
            }
        }
        return layers;
    }

    private Leads leads(ObjectNode json, Map<String, JsonNode> extras) {
        JsonNode load = json.path("load_board");
        if (load.isObject()) {
            String path = load.path("path").asString("");
            String outside = ObfReader.text(load, "id", ObfReader.text(load, "path", ObfReader.text(load, "name", "")));
            String id = outside.isEmpty() ? "" : reader.ids().linked(path, outside);
            boolean away = load.hasNonNull("url") || load.hasNonNull("data_url");
            if (!reader.ids().hasBoard(id) && (away || !load.path("id").asString("").equals(id))) {
                extras.put("load_board", load);
                linksAway += away ? 1 : 0;
            }
            if (!id.isEmpty() && !(away && !reader.ids().hasBoard(id))) {
                return new Leads.Opens(id, json.path(ObfWriter.LEADS).asString("").equals(ObfWriter.ONCE));
            }
        }
        if (!load.isMissingNode() && !load.isNull() && !saysABoard(load)) {
            extras.put("load_board", load);
            reader.findings().found("found-link-says-nothing", "button", label(json), "board", name);
        }
        if (json.path(ObfWriter.LEADS).asString("").equals("back")) {
            return Leads.BACK;
        }
        return rawActions(json).stream().anyMatch(BoardReader::goesHome) ? Leads.HOME : Leads.STAYS;
    }

    /** Whether a link says by anything where it leads. */
    private static boolean saysABoard(JsonNode load) {
        return load.isObject() && Stream.of("id", "path", "name", "url", "data_url").anyMatch(key -> !ObfReader.text(load, key, "").isEmpty());
    }

    static List<JsonNode> rawActions(JsonNode json) {
        List<JsonNode> actions = new ArrayList<>();
        json.path("actions").forEach(actions::add);
        if (actions.isEmpty() && json.hasNonNull("action")) {
            actions.add(json.path("action"));
        }
        return actions;
    }

    private static boolean goesHome(JsonNode action) {
        return action.asString("").equals(ObfWriter.HOME);
    }

    /**
     * What it does, in order: Dwimble's own list where it still says what the standard's actions say, else those. What Dwimble
     * does not do is told, and carried along where it stands.
     */
    private List<Doing> doings(ObjectNode json) {
        List<JsonNode> raw = rawActions(json).stream().filter(a -> !goesHome(a)).toList();
        List<Doing> own = json.path(ObfWriter.DOES).valueStream().limit(Acts.MOST_DOINGS).filter(d -> d.toString().length() <= MOST_OF_A_DOING)
            .map(Doings::ofKept).toList();
        if (!own.isEmpty() && own.stream().flatMap(d -> Doings.action(d).stream()).toList().equals(raw)) {
            return own;
        }
        if (raw.size() > Acts.MOST_DOINGS) {
            reader.findings().found("found-actions-many", "board", name, "has", raw.size(), "most", Acts.MOST_DOINGS);
        }
        List<Doing> doings = new ArrayList<>();
        Set<String> unknown = new LinkedHashSet<>();
        for (JsonNode action : raw) {
            Optional<Doing> known = Doings.ofAction(action);
            if (known.isEmpty()) {
                unknown.add(Text.cut(Text.tidy(action.isString() ? action.asString() : action.toString()), 30));
            }
            if (doings.size() < Acts.MOST_DOINGS && (known.isPresent() || action.toString().length() <= OtherAction.MOST)) {
                doings.add(known.orElseGet(() -> new OtherAction(action.toString())));
            }
        }
        unknown.stream().limit(MOST_ACTIONS_TOLD).forEach(action -> reader.findings().found("found-unknown-action", "board", name, "action", action));
        return doings;
    }

    /** How it says it. What other programs let a button that spells say is how its letter is read: no word of the message. */
    private static HowSaid how(ObjectNode json, Says says, List<Doing> doings) {
        boolean spells = says instanceof Says.Words && !json.has(ObfWriter.SAYS) && doings.stream().anyMatch(Spell.class::isInstance);
        HowSaid how = ObfHow.read(json);
        return spells ? new HowSaid(how.manner(), When.AT_ONCE, how.as()) : how;
    }

    private Says says(ObjectNode json, Leads leads, List<Doing> doings) {
        String words = Text.tidy(json.path("vocalization").asString(""));
        if (Text.length(words) > Says.MOST) {
            reader.findings().found("found-says-long", "board", name, "most", Says.MOST);
            words = Text.cut(words, Says.MOST);
        }
        String own = json.path(ObfWriter.SAYS).asString("");
        Optional<DayWord> day = DayWord.of(json.path(ObfWriter.DAY).asString(""));
        if (own.equals("label") && day.isPresent()) {
            return new Says.OfDay(day.get());
        }
        if (own.equals("label") || own.equals("nothing")) {
            return own.equals("label") ? Says.LABEL : Says.NOTHING;
        }
        if (!words.isEmpty()) {
            return new Says.Words(words);
        }
        return leads == Leads.STAYS && doings.stream().allMatch(d -> d.effects().isEmpty()) ? Says.LABEL : Says.NOTHING;
    }

    /** What is carried along without being understood. @param most characters of it; what goes beyond is left out, and said */
    private Map<String, JsonNode> unused(ObjectNode json, Set<String> used, int most) {
        Map<String, JsonNode> extras = new TreeMap<>();
        int size = 0;
        for (Map.Entry<String, JsonNode> property : json.properties()) {
            if (used.contains(property.getKey())) {
                continue;
            }
            size += property.getKey().length() + property.getValue().toString().length();
            if (size > most) {
                reader.findings().found("found-extras-large", "board", name, "key", Text.cut(Text.tidy(property.getKey()), 30), "most", most / 1000);
                return extras;
            }
            extras.put(property.getKey(), property.getValue());
        }
        return extras;
    }
}
