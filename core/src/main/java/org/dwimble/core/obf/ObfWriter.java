package org.dwimble.core.obf;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Base64;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Supplier;
import java.util.regex.Pattern;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Extras;
import org.dwimble.core.board.Layer;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.MediaId;
import org.dwimble.core.board.Says;
import org.dwimble.core.board.Span;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.document.Json;
import org.dwimble.core.doing.Doings;
import org.dwimble.core.look.Look;
import org.dwimble.core.reveal.Revealed;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Writes boards and packages. The same vocabulary gives the same bytes, whenever it is written. */
public final class ObfWriter {
    static final String FORMAT = "open-board-0.1";
    /** What Dwimble means by a button goes under these keys; OBF itself has no word for them. */
    static final String SPAN = "ext_dwimble_span";
    /** The pictures drawn over each other, lowest first, with their places in thousandths; {@code image_id} is them as one. */
    static final String LAYERS = "ext_dwimble_layers";
    /** Marks an image that is only such pictures as one, so that Dwimble does not take it in again. */
    static final String COMPOSED = "ext_dwimble_composed";
    static final String KIND = "ext_dwimble_kind";
    /** Of a button that is no word. */
    static final String NO_KIND = "none";
    static final String SAYS = "ext_dwimble_says";
    /** The day word it says; others have its label. */
    static final String DAY = "ext_dwimble_day";
    static final String LEADS = "ext_dwimble_leads";
    /** Opens a board, and comes back after one word. */
    static final String ONCE = "once";
    /** Another vocabulary of the student; it does not come along. */
    static final String ELSEWHERE = "ext_dwimble_vocabulary";
    /** Where a picture or a sound is that is known by its address alone; kept beside a button, never written so. */
    static final String PICTURE_ELSEWHERE = "ext_dwimble_picture_elsewhere";
    static final String SOUND_ELSEWHERE = "ext_dwimble_sound_elsewhere";
    static final String ACTIONS = "actions";
    /** All doings in order, where the standard has no action for one of them. */
    static final String DOES = "ext_dwimble_does";
    static final String HOME = ":home";
    /** Told without a zone; nothing earlier is told so. */
    private static final LocalDateTime FIXED_TIME = LocalDateTime.of(1980, 2, 1, 0, 0);
    private static final JsonMapper JSON = Json.mapper();
    /** Names of files that get smaller by being packed. */
    private static final Pattern PACKS = Pattern.compile("\\.(svg|obf|json)$");

    private static final byte[] NOTHING = {};

    private final Media media;

    public ObfWriter(Media media) {
        this.media = media;
    }

    /** One board with its pictures and sounds inside, as UTF-8 JSON. */
    public byte[] obf(Board board, Vocabulary in) {
        return bytes(json(board, in, new Called(in, Map.of()), null, Revealed.of(in)));
    }

    /** Layers drawn into one. @param drawn without its bytes, where these are fetched later */
    private record Stack(List<Layer> layers, Media.Item drawn) {
    }

    /** What goes into a package, with its bytes fetched when its turn comes: a thousand photos are never held at once. */
    private record Packed(String id, String contentType, Supplier<byte[]> bytes) {
    }

    /** The whole vocabulary as a package; the stream is not closed. */
    public void obz(Vocabulary vocabulary, OutputStream out) throws IOException {
        Map<String, Packed> items = new LinkedHashMap<>();
        ObjectNode manifest = JSON.createObjectNode();
        ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
        ObjectNode boards = JSON.createObjectNode();
        Map<String, String> names = boardFiles(vocabulary);
        Called called = new Called(vocabulary, names);
        Revealed revealed = Revealed.of(vocabulary);
        for (Board board : vocabulary.boards().values()) {
            String name = Objects.requireNonNull(names.get(board.id()));
            put(zip, name, bytes(json(board, vocabulary, called, items, revealed)));
            boards.put(called.board(board.id()), name);
        }
        ObjectNode images = JSON.createObjectNode();
        ObjectNode sounds = JSON.createObjectNode();
        for (Map.Entry<String, Packed> item : items.entrySet()) {
            put(zip, item.getKey(), item.getValue().bytes.get());
            (item.getValue().contentType.startsWith("audio/") ? sounds : images).put(item.getValue().id, item.getKey());
        }
        manifest.put("format", FORMAT);
        manifest.put("root", names.get(vocabulary.home()));
        ObjectNode paths = manifest.putObject("paths");
        paths.set("boards", boards);
        paths.set("images", images);
        paths.set("sounds", sounds);
        manifest.put("ext_dwimble_name", vocabulary.name());
        manifest.put("ext_dwimble_locale", vocabulary.locale());
        if (!vocabulary.whole().look().equals(Look.PLAIN)) {
            ObfLook.write(vocabulary.whole().look(), manifest);
        }
        ObfLook.write(vocabulary.whole().papers(), manifest);
        ObfPlan.write(vocabulary.plan(), manifest);
        copy(vocabulary.whole().extras(), manifest);
        put(zip, "manifest.json", bytes(manifest));
        zip.finish();
    }

    private static Map<String, String> boardFiles(Vocabulary vocabulary) {
        Map<String, String> names = new LinkedHashMap<>();
        Set<String> taken = new java.util.HashSet<>();
        for (Board board : vocabulary.boards().values()) {
            String plain = board.id().replaceAll("[^A-Za-z0-9_-]", "_");
            String name = plain;
            for (int i = 2; !taken.add(name.toLowerCase(java.util.Locale.ROOT)); i++) {
                name = plain + "-" + i;
            }
            names.put(board.id(), "boards/" + name + ".obf");
        }
        return names;
    }

    /**
     * @param items gathers what must go into the package, by path; null to put the bytes inside the board
     */
    private ObjectNode json(Board board, Vocabulary in, Called called, @Nullable Map<String, Packed> items,
        Revealed revealed) {
        ObjectNode json = JSON.createObjectNode();
        json.put("format", FORMAT);
        json.put("locale", in.locale());
        json.put("name", board.name());
        copy(board.extras(), json);
        identify(board.id(), called.board(board.id()), json);
        Look look = items == null ? board.look().over(in.whole().look()) : board.look();
        if (!look.equals(Look.PLAIN)) {
            ObfLook.write(look, json);
        }
        ArrayNode buttons = json.putArray("buttons");
        Set<String> pictures = new TreeSet<>(board.facts().pictures().keySet());
        Set<String> sounds = new TreeSet<>(board.facts().sounds().keySet());
        Map<String, Stack> composed = new TreeMap<>();
        Map<String, String> ids = Called.apart(board.buttons(), Button::id, Button::extras);
        List<JsonNode> picturesElsewhere = new ArrayList<>();
        List<JsonNode> soundsElsewhere = new ArrayList<>();
        for (Button button : board.buttons()) {
            ObjectNode written = json(button, in, called);
            identify(button.id(), Objects.requireNonNull(ids.get(button.id())), written);
            elsewhere(written, PICTURE_ELSEWHERE, "image_id", button.picture(), picturesElsewhere);
            elsewhere(written, SOUND_ELSEWHERE, "sound_id", button.sound(), soundsElsewhere);
            Look seen = in.seen(board, button);
            ObfLook.write(seen, items == null ? button.look().withFill(seen.fill()) : button.look(), written);
            ObfPlan.write(button, revealed.shows(button), written);
            buttons.add(written);
            pictures.addAll(button.pictures());
            if (isComposed(button)) {
                Media.Item drawn = Composed.of(button.layers(), media);
                composed.put(drawn.id(), new Stack(button.layers(), items == null ? drawn
                    : new Media.Item(drawn.id(), drawn.contentType(), drawn.name(), NOTHING)));
                written.put("image_id", drawn.id());
                ArrayNode layers = written.putArray(LAYERS);
                button.layers().forEach(l -> layers.addObject().put("image_id", l.picture()).put("x", l.x()).put("y", l.y()).put("size", l.size()));
            }
            if (button.sound() != null) {
                sounds.add(button.sound());
            }
        }
        ArrayNode images = json.putArray("images");
        for (String id : pictures) {
            media(id, board.facts().pictures(), "images/", items, images);
        }
        for (Stack stack : composed.values()) {
            ObjectNode entry = JSON.createObjectNode();
            entry.put("id", stack.drawn.id());
            entry.put(COMPOSED, true);
            file(stack.drawn, () -> Composed.of(stack.layers, media).bytes(), "images/", items, entry);
            images.add(entry);
        }
        ArrayNode recordings = json.putArray("sounds");
        for (String id : sounds) {
            media(id, board.facts().sounds(), "sounds/", items, recordings);
        }
        picturesElsewhere.stream().distinct().forEach(images::add);
        soundsElsewhere.stream().distinct().forEach(recordings::add);
        ObfGrid.write(board, ids, json);
        return json;
    }

    /** What a file called it; ours beside that, so that it is known again. */
    private static void identify(String ours, String outside, ObjectNode into) {
        into.put("id", outside);
        if (!ours.equals(outside)) {
            into.put(OutsideIds.OURS, ours);
        }
    }

    /** A picture or sound known by its address alone is written as it came, unless there is one of ours now. */
    private static void elsewhere(ObjectNode button, String key, String named, @Nullable String ours, List<JsonNode> into) {
        JsonNode entry = button.remove(key);
        if (entry != null && ours == null) {
            button.set(named, entry.path("id"));
            into.add(entry);
        }
    }

    private ObjectNode json(Button button, Vocabulary in, Called called) {
        ObjectNode json = JSON.createObjectNode();
        json.put("id", button.id());
        json.put("label", button.label());
        copy(button.extras(), json);
        JsonNode load = json.remove("load_board");
        if (button.says() instanceof Says.Words words) {
            json.put("vocalization", words.text());
        }
        if (button.says() instanceof Says.OfDay ofDay) {
            json.put(DAY, ofDay.day().word());
        }
        json.put(SAYS, button.says() instanceof Says.Words ? "words" : button.says() instanceof Says.Nothing ? "nothing" : "label");
        json.put(KIND, button.kind() == null ? NO_KIND : button.kind().word());
        if (button.picture() != null) {
            json.put("image_id", button.picture());
        }
        if (button.sound() != null) {
            json.put("sound_id", button.sound());
        }
        if (button.shown().left() != null) {
            json.put(ObfLook.LEFT, button.shown().left());
        }
        if (!button.span().equals(Span.ONE)) {
            json.putObject(SPAN).put("rows", button.span().rows()).put("columns", button.span().columns());
        }
        if (button.leads() instanceof Leads.Opens opens) {
            if (load != null && in.board(opens.board()).isEmpty()) {
                json.set("load_board", load);
            } else {
                load(json.putObject("load_board"), opens.board(), in, called);
            }
            if (opens.comesBack()) {
                json.put(LEADS, ONCE);
            }
        } else if (button.leads() instanceof Leads.Elsewhere elsewhere) {
            json.put(ELSEWHERE, elsewhere.vocabulary());
        } else if (button.leads() instanceof Leads.Back) {
            json.put(LEADS, "back");
        } else if (load != null && button.leads() instanceof Leads.Stays && load.path("id").isMissingNode() && load.path("path").isMissingNode()) {
            json.set("load_board", load);
        }
        ArrayNode actions = actions(button);
        if (actions.size() == 1) {
            json.set("action", actions.get(0));
        } else if (!actions.isEmpty()) {
            json.set(ACTIONS, actions);
        }
        if (button.doings().stream().anyMatch(d -> Doings.action(d).isEmpty())) {
            ArrayNode does = json.putArray(DOES);
            button.doings().forEach(d -> does.add(Doings.kept(d)));
        }
        ObfHow.write(button.how(), json);
        return json;
    }

    private static void load(ObjectNode load, String board, Vocabulary in, Called called) {
        load.put("id", called.board(board));
        in.board(board).ifPresent(b -> load.put("name", b.name()));
        Optional.ofNullable(called.files().get(board)).ifPresent(file -> load.put("path", file));
    }

    private static ArrayNode actions(Button button) {
        ArrayNode actions = JSON.createArrayNode();
        button.doings().forEach(d -> Doings.action(d).ifPresent(actions::add));
        if (button.leads() instanceof Leads.Home) {
            actions.add(HOME);
        }
        return actions;
    }

    private void media(String id, Map<String, JsonNode> facts, String folder, @Nullable Map<String, Packed> items, ArrayNode into) {
        ObjectNode entry = JSON.createObjectNode();
        if (facts.get(id) instanceof ObjectNode known) {
            known.properties().forEach(p -> entry.set(p.getKey(), p.getValue()));
        }
        entry.put("id", id);
        Media.Item item = media.find(id).orElse(null);
        if (item != null) {
            file(item, () -> media.find(id).map(Media.Item::bytes).orElse(NOTHING), folder, items, entry);
            if (!MediaId.isOwn(id)) {
                entry.putObject("symbol").put("set", "dwimble").put("filename", id);
            }
        }
        into.add(entry);
    }

    private static void file(Media.Item item, Supplier<byte[]> later, String folder, @Nullable Map<String, Packed> items, ObjectNode entry) {
        entry.put("content_type", item.contentType());
        if (items == null) {
            entry.put("data", "data:" + item.contentType() + ";base64," + Base64.getEncoder().encodeToString(item.bytes()));
        } else {
            entry.put("path", folder + item.name());
            items.put(folder + item.name(), new Packed(item.id(), item.contentType(), later));
        }
    }

    private static void copy(Extras extras, ObjectNode into) {
        extras.ofPackage().forEach(into::set);
    }

    /** True unless its picture, if any, is one that takes all the room. */
    private static boolean isComposed(Button button) {
        return button.layers().size() > 1 || button.layers().stream().anyMatch(l -> !l.takesAllRoom());
    }

    private static byte[] bytes(ObjectNode json) {
        return JSON.writeValueAsBytes(json);
    }

    /** Photos and sounds are packed already: packing them again takes time and saves nothing. */
    private static void put(ZipOutputStream zip, String name, byte[] bytes) {
        try {
            zip.setLevel(PACKS.matcher(name).find() ? Deflater.DEFAULT_COMPRESSION : Deflater.NO_COMPRESSION);
            ZipEntry entry = new ZipEntry(name);
            entry.setTimeLocal(FIXED_TIME);
            zip.putNextEntry(entry);
            zip.write(bytes);
            zip.closeEntry();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
