package org.dwimble.core.obf;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Base64;
import java.util.Enumeration;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Extras;
import org.dwimble.core.text.Text;
import org.dwimble.core.board.Whole;
import org.dwimble.core.told.Told;
import org.dwimble.core.document.Json;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.board.Vocabulary;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
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

    private static final int MOST_FINDINGS = 200;

    private final Media media;
    private final Limits limits;
    private final JsonMapper mapper;
    private final Set<Told> findings = new LinkedHashSet<>();
    private final Map<String, Media.Kept> keptByPath = new HashMap<>();
    private long unpacked;

    public ObfReader(Media media, Limits limits) {
        this.media = media;
        this.limits = limits;
        this.mapper = JsonMapper.builder(JsonFactory.builder()
                .streamReadConstraints(StreamReadConstraints.builder()
                    .maxNestingDepth(limits.depth()).maxStringLength((int) Math.min(Integer.MAX_VALUE - 8, limits.entryBytes() * 4 / 3 + 1024))
                        .build()).build())
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
        String id = text(json, "id", "board");
        Board board = new BoardReader(this, json, id, Map.of(), (path, what) -> null).read(Set.of(), text(json, "name", baseName(name)));
        return new Read(vocabulary(board.name(), id, text(json, "locale", "en"), Map.of(id, board), Json.mapper().createObjectNode()), listed());
    }

    private Read readPackage(Path file, String name) throws Refused, IOException {
        try (ZipFile zip = new ZipFile(file.toFile(), StandardCharsets.UTF_8)) {
            checkEntries(zip, name);
            ZipEntry manifestEntry = zip.getEntry("manifest.json");
            if (manifestEntry == null) {
                throw new Refused("zip-no-package", "file", name);
            }
            ObjectNode manifest = object(bytes(zip, manifestEntry), "manifest.json");
            Map<String, String> paths = boardPaths(zip, manifest);
            if (paths.isEmpty()) {
                throw new Refused("package-without-boards", "file", name);
            }
            Map<String, byte[]> files = new LinkedHashMap<>();
            Map<String, String> idByPath = new HashMap<>();
            for (Map.Entry<String, String> path : paths.entrySet()) {
                ZipEntry entry = zip.getEntry(path.getValue());
                if (entry == null) {
                    found("found-board-missing", "board", path.getKey(), "file", path.getValue());
                    continue;
                }
                files.put(path.getKey(), bytes(zip, entry));
                idByPath.put(path.getValue(), path.getKey());
            }
            Map<String, ObjectNode> jsons = parsed(files, paths);
            if (jsons.isEmpty()) {
                throw new Refused("package-boards-missing", "file", name);
            }
            Set<String> repeated = repeatedButtonIds(jsons);
            Map<String, Board> boards = new LinkedHashMap<>();
            BoardReader.Attached attached = (path, symbol) -> attached(zip, path, symbol);
            for (Map.Entry<String, ObjectNode> json : jsons.entrySet()) {
                boards.put(json.getKey(), new BoardReader(this, json.getValue(), json.getKey(), idByPath, attached)
                    .read(repeated, text(json.getValue(), "name", json.getKey())));
            }
            String home = home(manifest, idByPath, boards);
            String fallback = boards.get(home).name();
            return new Read(vocabulary(text(manifest, "ext_dwimble_name", fallback), home,
                text(manifest, "ext_dwimble_locale", text(jsons.get(home), "locale", "en")), boards, manifest), listed());
        } catch (ZipException e) {
            throw new Refused("zip-broken", "file", name);
        } catch (IllegalArgumentException e) {
            if (e instanceof Unacceptable) {
                throw e;
            }
            throw new Refused("zip-names-unreadable", "file", name);
        }
    }

    private void checkEntries(ZipFile zip, String name) throws Refused {
        if (zip.size() > limits.entries()) {
            throw new Refused("too-many-files", "file", name, "has", zip.size(), "most", limits.entries());
        }
        long total = 0;
        for (Enumeration<? extends ZipEntry> entries = zip.entries(); entries.hasMoreElements(); ) {
            ZipEntry entry = entries.nextElement();
            if (climbs(entry.getName())) {
                throw new Refused("zip-climbs-out", "file", name, "entry", Text.cut(Text.tidy(entry.getName()), 60));
            }
            if (entry.getSize() > limits.entryBytes()) {
                throw tooLarge(entry.getName());
            }
            total += Math.max(0, entry.getSize());
        }
        if (total > limits.totalBytes()) {
            throw new Refused("package-too-large", "file", name, "most", limits.totalBytes() >> 20);
        }
    }

    private static boolean climbs(String name) {
        String path = name.replace('\\', '/');
        return path.startsWith("/") || path.matches("^[A-Za-z]:.*") || path.indexOf('\0') >= 0 || List.of(path.split("/")).contains("..");
    }

    private Refused tooLarge(String entry) {
        return new Refused("entry-too-large", "entry", Text.cut(Text.tidy(entry), 60), "most", limits.entryBytes() >> 20);
    }

    /** Reads one entry, counting what really comes out: what a zip says of itself may be a lie. */
    private byte[] bytes(ZipFile zip, ZipEntry entry) throws IOException, Refused {
        byte[] bytes;
        try (InputStream in = zip.getInputStream(entry)) {
            bytes = in.readNBytes((int) Math.min(limits.entryBytes() + 1, Integer.MAX_VALUE - 8));
        } catch (java.io.EOFException e) {
            throw new Refused("entry-cut-short", "entry", Text.cut(Text.tidy(entry.getName()), 60));
        }
        unpacked += bytes.length;
        if (bytes.length > limits.entryBytes()) {
            throw tooLarge(entry.getName());
        }
        if (unpacked > limits.totalBytes()) {
            throw new Refused("unpacks-too-large", "most", limits.totalBytes() >> 20);
        }
        return bytes;
    }

    private Media.@Nullable Kept attached(ZipFile zip, String path, @Nullable String symbol) throws Refused, IOException {
        Media.Kept known = keptByPath.get(path);
        if (known == null) {
            ZipEntry entry = zip.getEntry(path);
            if (entry == null || entry.isDirectory()) {
                return null;
            }
            known = media.keep(bytes(zip, entry), symbol);
            keptByPath.put(path, known);
        }
        return known;
    }

    private ObjectNode object(byte[] bytes, String file) throws Refused {
        try {
            JsonNode json = mapper.readTree(bytes);
            if (json instanceof ObjectNode object) {
                return object;
            }
        } catch (StreamConstraintsException e) {
            throw new Refused("json-too-deep", "file", Text.cut(Text.tidy(file), 60));
        } catch (JacksonException e) {
            // said below
        }
        throw new Refused("json-invalid", "file", Text.cut(Text.tidy(file), 60));
    }

    private record Parsed(String id, @Nullable ObjectNode json, @Nullable Refused refused) {
    }

    /** All boards parsed, on as many cores as there are, in the order given; the first that cannot be read refuses the package. */
    private Map<String, ObjectNode> parsed(Map<String, byte[]> files, Map<String, String> paths) throws Refused {
        List<Parsed> all = List.copyOf(files.keySet()).parallelStream().map(id -> {
            try {
                return new Parsed(id, object(files.get(id), paths.get(id)), null);
            } catch (Refused refused) {
                return new Parsed(id, null, refused);
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

    private String home(ObjectNode manifest, Map<String, String> idByPath, Map<String, Board> boards) {
        String root = text(manifest, "root", "");
        String home = idByPath.get(root);
        if (home == null) {
            home = boards.containsKey(root) ? root : boards.keySet().iterator().next();
            found("found-no-home", "board", boards.get(home).name());
        }
        return home;
    }

    /** Button ids that stand on more than one board: usual elsewhere, but here an id is a word's own for life. */
    private static Set<String> repeatedButtonIds(Map<String, ObjectNode> boards) {
        Set<String> seen = new HashSet<>();
        Set<String> repeated = new HashSet<>();
        for (ObjectNode board : boards.values()) {
            Set<String> here = new HashSet<>();
            for (JsonNode button : board.path("buttons")) {
                here.add(button.path("id").asString(""));
            }
            here.stream().filter(id -> !seen.add(id)).forEach(repeated::add);
        }
        return repeated;
    }

    private static Vocabulary vocabulary(String name, String home, String locale, Map<String, Board> boards, ObjectNode manifest) {
        String tidy = Text.cut(Text.tidy(name), Whole.LONGEST_NAME);
        return new Vocabulary(new Whole(tidy.isEmpty() ? "Boards" : tidy, home, locale, ObfLook.read(manifest), ObfLook.papers(manifest),
            ObfPlan.plan(manifest), Extras.ofPackage(extras(manifest))), boards);
    }

    private static Map<String, JsonNode> extras(ObjectNode manifest) {
        Map<String, JsonNode> extras = new TreeMap<>();
        Set<String> used = Set.of("format", "root", "paths", "ext_dwimble_name", "ext_dwimble_locale", ObfLook.LOOK, ObfLook.PAPERS, ObfPlan.PLAN);
        manifest.properties().stream().filter(p -> !used.contains(p.getKey())).forEach(p -> extras.put(p.getKey(), p.getValue()));
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

    /** @param with names and values in turn, as in {@link Told#of} */
    void found(String key, Object... with) {
        findings.add(Told.of(key, with));
    }

    private List<Told> listed() {
        List<Told> all = new ArrayList<>(findings);
        if (all.size() <= MOST_FINDINGS) {
            return all;
        }
        List<Told> some = new ArrayList<>(all.subList(0, MOST_FINDINGS));
        some.add(Told.of("found-more", "more", all.size() - MOST_FINDINGS));
        return some;
    }
}
