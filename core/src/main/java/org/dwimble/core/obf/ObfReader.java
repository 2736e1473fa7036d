package org.dwimble.core.obf;

import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Extras;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.board.Whole;
import org.dwimble.core.document.Json;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.exc.StreamConstraintsException;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.cfg.JsonNodeFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Reads a package or a single board into a vocabulary. What can be mended is mended and listed; what is
 * dangerous or is no board at all is refused with a sentence. Nothing is fetched from anywhere, and bytes of
 * pictures and sounds go only to the {@link Media} given.
 */
public final class ObfReader {

    /** @param findings what was mended or left out, in the order met, each once */
    public record Read(Vocabulary vocabulary, List<Told> findings) {
    }

    private static final int MOST_OF_A_PACKAGE = 200_000;
    private static final String MANIFEST = "manifest.json";

    private final Media media;
    private final PackageLimits limits;
    private final JsonMapper mapper;
    private final Findings findings = new Findings();
    private final Map<String, Media.Kept> keptByPath = new ConcurrentHashMap<>();
    private final AtomicLong nodes = new AtomicLong();
    private final OutsideIds ids = new OutsideIds();

    public ObfReader(Media media, PackageLimits limits) {
        this.media = media;
        this.limits = limits;
        this.mapper = JsonMapper.builder(JsonFactory.builder()
            .streamReadConstraints(StreamReadConstraints.builder()
                .maxNestingDepth(limits.depth()).maxTokenCount(limits.nodes()).maxStringLength((int) Math.min(Integer.MAX_VALUE - 8,
                    limits.entryBytes() * 4 / 3 + 1024))
                .build())
            .build())
            .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
            .disable(JsonNodeFeature.STRIP_TRAILING_BIGDECIMAL_ZEROES)
            .build();
    }

    /**
     * Reads a file, telling a package from a board by its first bytes, not by its name.
     *
     * @param name what the person calls the file, for sentences and as a name of last resort
     */
    public Read read(Path file, String name) throws Refused, IOException {
        byte[] start = new byte[4];
        int n;
        try (InputStream in = Files.newInputStream(file)) {
            n = in.readNBytes(start, 0, 4);
        }
        if (n == 0) {
            throw new Refused("file-empty", "file", name);
        }
        if (start[0] == 'P' && start[1] == 'K') {
            return readPackage(file, name);
        }
        if (Files.size(file) > limits.entryBytes()) {
            throw new Refused("board-file-too-large", "file", name, "most", limits.entryBytes() >> 20);
        }
        return readBoard(Files.readAllBytes(file), name);
    }

    private Read readBoard(byte[] bytes, String name) throws Refused {
        ObjectNode json = object(bytes, name);
        if (!json.has("buttons") && !json.has("grid")) {
            throw new Refused("json-no-board", "file", name);
        }
        String outside = text(json, "id", "board");
        String id = ids.board(outside, "", json);
        Board board = new BoardReader(this, json, id, outside, (path, symbol) -> null).read(Set.of(), text(json, "name", baseName(name)));
        return new Read(vocabulary(board.name(), id, text(json, "locale", "en"), Map.of(id, board), Json.mapper().createObjectNode()), findings.listed());
    }

    private Read readPackage(Path file, String name) throws Refused, IOException {
        try (ZipFile zip = new ZipFile(file.toFile(), StandardCharsets.UTF_8)) {
            Unpacking files = new Unpacking(zip, name, limits);
            if (!files.has(MANIFEST)) {
                throw new Refused("zip-no-package", "file", name);
            }
            ObjectNode manifest = read(files, MANIFEST);
            Map<String, String> paths = boardPaths(zip, manifest);
            if (paths.isEmpty()) {
                throw new Refused("package-without-boards", "file", name);
            }
            if (paths.size() > limits.boards()) {
                throw new Refused("file-too-many-boards", "file", name, "has", paths.size(), "most", limits.boards());
            }
            paths.entrySet().removeIf(path -> {
                boolean missing = !files.has(path.getValue());
                if (missing) {
                    findings.found("found-board-missing", "board", Text.cut(path.getKey(), 60), "file", Unpacking.told(path.getValue()));
                }
                return missing;
            });
            if (paths.isEmpty()) {
                throw new Refused("package-boards-missing", "file", name);
            }
            Map<String, ObjectNode> jsons = parsed(files, paths);
            Map<String, String> outside = new LinkedHashMap<>();
            jsons.forEach((theirs, json) -> outside.put(ids.board(theirs, Objects.requireNonNull(paths.get(theirs)), json), theirs));
            tellIdsTwice(jsons);
            lookInto(files, jsons.values());
            Set<String> repeated = repeatedButtonIds(jsons);
            Map<String, Board> boards = new LinkedHashMap<>();
            BoardMedia.Attached attached = (path, symbol) -> attached(files, path, symbol);
            for (Map.Entry<String, String> id : outside.entrySet()) {
                ObjectNode json = Objects.requireNonNull(jsons.get(id.getValue()));
                boards.put(id.getKey(), new BoardReader(this, json, id.getKey(), id.getValue(), attached).read(repeated, text(json, "name", id.getValue())));
            }
            String home = home(manifest, boards);
            String homeName = Objects.requireNonNull(boards.get(home)).name();
            ObjectNode homeJson = Objects.requireNonNull(jsons.get(outside.get(home)));
            return new Read(vocabulary(text(manifest, "ext_dwimble_name", homeName), home,
                text(manifest, "ext_dwimble_locale", text(homeJson, "locale", "en")), boards, manifest), findings.listed());
        } catch (ZipException | EOFException e) {
            throw new Refused("zip-broken", "file", name);
        } catch (IllegalArgumentException e) {
            if (e instanceof Unacceptable) {
                throw e;
            }
            throw new Refused("zip-names-unreadable", "file", name);
        }
    }

    private ObjectNode read(Unpacking files, String path) throws IOException, Refused {
        Unpacking.Unpacked file = files.board(path);
        ObjectNode json = object(file.bytes(), path);
        if (file.broken()) {
            findings.counted("found-check-sum");
        }
        return json;
    }

    /** Pictures and sounds are looked into on as many cores as there are, before boards ask for them one by one. */
    private void lookInto(Unpacking files, Collection<ObjectNode> boards) throws Refused, IOException {
        Map<String, @Nullable String> symbols = new LinkedHashMap<>();
        boards.forEach(board -> BoardMedia.files(board).forEach(symbols::putIfAbsent));
        List<Exception> trouble = symbols.entrySet().parallelStream().flatMap(file -> {
            try {
                attached(files, file.getKey(), file.getValue());
                return Stream.<Exception>empty();
            } catch (Refused | IOException e) {
                return Stream.of(e);
            }
        }).toList();
        if (!trouble.isEmpty() && trouble.get(0) instanceof Refused refused) {
            throw refused;
        }
        if (!trouble.isEmpty()) {
            throw (IOException) trouble.get(0);
        }
    }

    /** What is damaged is left out. May be asked by several threads at once, not for one file. */
    private Media.@Nullable Kept attached(Unpacking files, String path, @Nullable String symbol) throws Refused, IOException {
        Media.Kept known = keptByPath.get(path);
        if (known == null) {
            try {
                Unpacking.Unpacked file = files.other(path);
                if (file == null) {
                    return null;
                }
                if (file.broken()) {
                    findings.counted("found-check-sum");
                }
                known = media.keep(file.bytes(), symbol);
            } catch (ZipException | EOFException damaged) {
                known = new Media.Kept(null, Told.of("media-damaged"));
            }
            keptByPath.put(path, known);
        }
        return known;
    }

    /** May be asked by several threads at once. */
    private ObjectNode object(byte[] bytes, String file) throws Refused {
        String told = Text.cut(Text.tidy(file), 60);
        JsonNode json;
        try (JsonParser parser = mapper.createParser(bytes)) {
            json = mapper.readTree(parser);
            if (nodes.addAndGet(parser.currentTokenCount()) > limits.nodes()) {
                throw new Refused("json-too-much", "file", told);
            }
            if (json != null && parser.nextToken() != null) {
                throw new Refused("json-invalid", "file", told);
            }
        } catch (StreamConstraintsException e) {
            throw new Refused(String.valueOf(e.getMessage()).contains("depth") ? "json-too-deep" : "json-too-much", "file", told);
        } catch (JacksonException e) {
            throw new Refused("json-invalid", "file", told);
        }
        if (json == null || json.isMissingNode()) {
            throw new Refused("json-no-object", "file", told, "what", "empty");
        }
        if (!(json instanceof ObjectNode object)) {
            throw new Refused("json-no-object", "file", told, "what", json.isArray() ? "list" : json.isNull() ? "nothing" : "value");
        }
        if (object.path("buttons").size() > limits.buttons()) {
            throw new Refused("file-too-many-buttons", "file", told, "has", object.path("buttons").size(), "most", limits.buttons());
        }
        if (WellFormed.mend(object)) {
            findings.counted("found-letters-mended");
        }
        String format = text(object, "format", "");
        if (format.isEmpty()) {
            findings.counted("found-no-format");
        } else if (!format.equals(ObfWriter.FORMAT)) {
            findings.found("found-format", "format", Text.cut(Text.tidy(format), 30));
        }
        return object;
    }

    private record Parsed(String id, @Nullable ObjectNode json, @Nullable Refused refused) {
    }

    /** All boards parsed, on as many cores as there are, in the order given; the first that cannot be read refuses the package. */
    private Map<String, ObjectNode> parsed(Unpacking files, Map<String, String> paths) throws Refused {
        List<Parsed> all = List.copyOf(paths.entrySet()).parallelStream().map(path -> {
            String id = path.getKey();
            try {
                return new Parsed(id, read(files, path.getValue()), null);
            } catch (Refused refused) {
                return new Parsed(id, null, refused);
            } catch (IOException broken) {
                return new Parsed(id, null, new Refused("entry-cut-short", "entry", Unpacking.told(path.getValue())));
            }
        }).toList();
        Map<String, ObjectNode> jsons = new LinkedHashMap<>();
        for (Parsed parsed : all) {
            if (parsed.refused != null) {
                throw parsed.refused;
            }
            jsons.put(parsed.id, parsed.json);
        }
        return jsons;
    }

    private Map<String, String> boardPaths(ZipFile zip, ObjectNode manifest) {
        Map<String, String> paths = new LinkedHashMap<>();
        JsonNode boards = manifest.path("paths").path("boards");
        if (boards instanceof ObjectNode listed) {
            listed.properties().forEach(p -> paths.put(p.getKey(), p.getValue().asString("")));
        }
        if (paths.isEmpty()) {
            zip.stream().map(ZipEntry::getName).filter(n -> n.endsWith(".obf")).sorted()
                .forEach(n -> paths.put(baseName(n), n));
        }
        return paths;
    }

    private String home(ObjectNode manifest, Map<String, Board> boards) {
        String root = text(manifest, "root", "");
        String home = ids.linked(root, root);
        if (!boards.containsKey(home)) {
            Board first = boards.values().iterator().next();
            home = first.id();
            findings.found("found-no-home", "board", first.name());
        }
        return home;
    }

    /** Boards that call themselves the same: each came in, and a link by that id alone can mean but one. */
    private void tellIdsTwice(Map<String, ObjectNode> jsons) {
        Map<String, String> first = new HashMap<>();
        jsons.forEach((theirs, json) -> {
            String says = text(json, "id", theirs);
            String name = Text.cut(Text.tidy(text(json, "name", theirs)), 60);
            String other = first.putIfAbsent(says, name);
            if (other != null) {
                findings.found("found-board-id-twice", "board", other, "other", name, "id", Text.cut(says, 40));
            }
        });
    }

    /** Button ids that stand on more than one board: usual elsewhere, but here an id is a word's own for life. */
    private Set<String> repeatedButtonIds(Map<String, ObjectNode> boards) {
        Set<String> seen = new HashSet<>();
        Set<String> repeated = new HashSet<>();
        for (ObjectNode board : boards.values()) {
            Set<String> here = new HashSet<>();
            for (JsonNode button : board.path("buttons")) {
                if (!button.has(OutsideIds.OURS)) {
                    here.add(text(button, "id", ""));
                }
            }
            here.stream().filter(id -> !id.isEmpty() && !seen.add(id)).forEach(repeated::add);
        }
        if (!repeated.isEmpty()) {
            findings.found("found-ids-repeat", "count", repeated.size());
        }
        return repeated;
    }

    private Vocabulary vocabulary(String name, String home, String locale, Map<String, Board> boards, ObjectNode manifest) {
        String tidy = Text.cut(Text.tidy(name), Whole.LONGEST_NAME);
        return new Vocabulary(new Whole(tidy.isEmpty() ? "Boards" : tidy, home, locale, ObfLook.read(manifest), ObfLook.papers(manifest),
            ObfPlan.plan(manifest), Extras.ofPackage(extras(manifest))), boards);
    }

    private Map<String, JsonNode> extras(ObjectNode manifest) {
        Map<String, JsonNode> extras = new TreeMap<>();
        Set<String> used = Set.of("format", "root", "paths", "ext_dwimble_name", "ext_dwimble_locale", ObfLook.LOOK, ObfLook.PAPERS, ObfPlan.PLAN);
        for (Map.Entry<String, JsonNode> property : manifest.properties()) {
            if (used.contains(property.getKey())) {
                continue;
            }
            if (property.getValue().toString().length() > MOST_OF_A_PACKAGE) {
                findings.found("found-extras-large", "board", "The package", "key", Text.cut(Text.tidy(property.getKey()), 30), "most",
                    MOST_OF_A_PACKAGE / 1000);
            } else {
                extras.put(property.getKey(), property.getValue());
            }
        }
        findings.carried(extras.keySet());
        return extras;
    }

    /** A text, or a number as text; the fallback if there is neither. */
    static String text(JsonNode json, String key, String fallback) {
        JsonNode value = json.path(key);
        String text = value.isString() || value.isNumber() ? value.asString() : "";
        return text.isBlank() ? fallback : text;
    }

    static String baseName(String path) {
        String file = path.substring(Math.max(path.lastIndexOf('/'), path.lastIndexOf('\\')) + 1);
        return file.contains(".") && file.indexOf('.') > 0 ? file.substring(0, file.lastIndexOf('.')) : file;
    }

    static byte @Nullable [] dataUri(String uri) {
        int comma = uri.indexOf(',');
        if (!uri.startsWith("data:") || comma < 0) {
            return null;
        }
        try {
            return uri.substring(0, comma).endsWith(";base64")
                ? Base64.getMimeDecoder().decode(uri.substring(comma + 1))
                : java.net.URLDecoder.decode(uri.substring(comma + 1).replace("+", "%2B"), StandardCharsets.UTF_8).getBytes(StandardCharsets.UTF_8);
        } catch (IllegalArgumentException e) {
            return null;
        }
    }

    Media media() {
        return media;
    }

    Findings findings() {
        return findings;
    }

    OutsideIds ids() {
        return ids;
    }
}
