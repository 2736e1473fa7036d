package org.dwimble.core.obf;

import java.io.IOException;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import org.dwimble.core.board.MediaId;
import org.dwimble.core.text.Text;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The pictures of one board's file, or its sounds. */
final class BoardMedia {
    /** Gives what became of a file of the package, or null if it is not there. */
    interface Attached {
        Media.@Nullable Kept at(String path, @Nullable String symbol) throws Refused, IOException;
    }

    private static final Set<String> READ = Set.of("id", "content_type", "data", "path");

    private final Source from;
    private final String what;
    private final Map<String, String> ids = new HashMap<>();
    private final Map<String, JsonNode> facts = new TreeMap<>();
    private final Map<String, ObjectNode> elsewhere = new HashMap<>();
    private final Set<String> listed = new HashSet<>();

    /** @param board its name, for findings */
    private record Source(ObfReader reader, String board, Attached attached) {
    }

    private BoardMedia(Source from, String what) {
        this.from = from;
        this.what = what;
    }

    static BoardMedia pictures(ObfReader reader, JsonNode json, String board, Attached attached) throws Refused, IOException {
        return new BoardMedia(new Source(reader, board, attached), "picture").read(json.path("images"));
    }

    static BoardMedia sounds(ObfReader reader, JsonNode json, String board, Attached attached) throws Refused, IOException {
        return new BoardMedia(new Source(reader, board, attached), "sound").read(json.path("sounds"));
    }

    /** What the boards know it by; null if it did not come. @param id as in the file */
    @Nullable
    String id(String id) {
        return ids.get(id);
    }

    /** What the boards know one by that a button asks for; one that the file does not list is said. */
    @Nullable
    String askedFor(String id) {
        if (!id.isEmpty() && !listed.contains(id)) {
            found("found-media-names-nothing", "id", Text.cut(id, 40));
        }
        return ids.get(id);
    }

    /** What was said of each, by what the boards know it by. */
    Map<String, JsonNode> facts() {
        return facts;
    }

    /** Where one is that did not come, as the file says it; null if the file says nothing of the kind. */
    @Nullable
    ObjectNode elsewhere(String id) {
        return ids.containsKey(id) ? null : elsewhere.get(id);
    }

    private BoardMedia read(JsonNode items) throws Refused, IOException {
        for (JsonNode item : items) {
            String id = ObfReader.text(item, "id", "");
            listed.add(id);
            if (item instanceof ObjectNode entry && !id.isEmpty() && !entry.path(ObfWriter.COMPOSED).asBoolean(false)) {
                take(id, entry);
            }
        }
        if (!elsewhere.isEmpty()) {
            found("found-media-away", "count", elsewhere.size());
        }
        return this;
    }

    private void take(String id, ObjectNode entry) throws Refused, IOException {
        Media.Kept kept = kept(entry);
        boolean large = entry.deepCopy().without(READ).toString().length() > BoardReader.MOST_OF_A_BUTTON;
        if (large) {
            from.reader.findings().found("found-extras-large", "board", from.board, "key", Text.cut(id, 30), "most", BoardReader.MOST_OF_A_BUTTON / 1000);
        }
        if (kept == null && !large && (entry.hasNonNull("url") || entry.hasNonNull("data_url") || entry.path("symbol").isObject())) {
            elsewhere.put(id, entry);
        } else if (kept == null) {
            found("found-media-missing", "id", Text.cut(id, 40));
        } else if (kept.id() == null) {
            found("found-media-left-out", "why", Objects.requireNonNull(kept.whyNot()));
        } else {
            kept.leftOut().forEach(why -> found("found-media-changed", "why", why));
            ids.put(id, kept.id());
            ObjectNode said = entry.deepCopy().without(READ);
            if (!MediaId.isOwn(kept.id())) {
                said.remove("symbol");
            }
            if (!said.isEmpty() && !large) {
                facts.putIfAbsent(kept.id(), said);
            }
        }
    }

    private void found(String key, String name, Object value) {
        from.reader.findings().found(key, "what", what, "board", from.board, name, value);
    }

    /** The files of a package that a board's pictures and sounds stand in, and the library picture each says it is; null for none. */
    static Map<String, @Nullable String> files(JsonNode board) {
        Map<String, @Nullable String> files = new LinkedHashMap<>();
        for (String kind : List.of("images", "sounds")) {
            for (JsonNode entry : board.path(kind)) {
                String path = ObfReader.text(entry, "path", "");
                boolean inside = entry.path("data").asString("").startsWith("data:");
                if (!path.isEmpty() && !inside && !entry.path(ObfWriter.COMPOSED).asBoolean(false)) {
                    files.putIfAbsent(path, library(entry));
                }
            }
        }
        return files;
    }

    private static @Nullable String library(JsonNode entry) {
        JsonNode symbol = entry.path("symbol");
        return symbol.path("set").asString("").equals("dwimble") ? symbol.path("filename").asString("") : null;
    }

    private Media.@Nullable Kept kept(ObjectNode entry) throws Refused, IOException {
        byte[] inside = ObfReader.dataUri(entry.path("data").asString(""));
        if (inside != null) {
            return from.reader.media().keep(inside, library(entry));
        }
        String path = ObfReader.text(entry, "path", "");
        return path.isEmpty() ? null : from.attached.at(path, library(entry));
    }
}
