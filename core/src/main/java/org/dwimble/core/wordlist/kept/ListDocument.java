package org.dwimble.core.wordlist.kept;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.dwimble.core.board.MediaId;
import org.dwimble.core.document.Formats;
import org.dwimble.core.document.Json;
import org.dwimble.core.document.Part;
import org.dwimble.core.sheet.PageSetup;
import org.dwimble.core.showing.Showing;
import org.dwimble.core.support.Support;
import org.dwimble.core.support.kept.SupportParts;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.wordlist.ClassRow;
import org.dwimble.core.wordlist.Later;
import org.dwimble.core.wordlist.ListedWord;
import org.dwimble.core.wordlist.Second;
import org.dwimble.core.wordlist.WordList;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A word list as it is kept. What is usual is left out, what is not known is carried along.
 * <pre>
 *   name      text
 *   words     [{"id": ..., "text": ..., "pictures": [...], ...}, ...]
 *   second    [language], or [language, "instead"]
 *   now       the support it is set to
 *   supports  {"strip": {...}, ...}, each as {@link SupportParts} has it
 *   page      {...}
 *   showing   {...}, as {@link ShowingPart} has it
 *   rows      [{"name": ..., "student": ..., "photo": ..., "instead": {"w1": {...}}}, ...]
 * </pre>
 */
public final class ListDocument {
    private static final int FORMAT = 3;
    private static final String NAME = "name";
    static final String WORDS = "words";
    private static final String SECOND = "second";
    private static final String SUPPORTS = "supports";
    private static final String PAGE = "page";
    private static final String SHOWING = "showing";
    private static final String ROWS = "rows";
    private static final String STUDENT = "student";
    private static final String PHOTO = "photo";
    private static final String INSTEAD = "instead";
    private static final String USUAL_SUPPORT = "cards";
    private static final Set<String> KEYS = Set.of(Formats.FORMAT, NAME, WORDS, SECOND, Later.NOW, SUPPORTS, PAGE, SHOWING, ROWS);
    private static final Set<String> ROW_KEYS = Set.of(NAME, STUDENT, PHOTO, INSTEAD);
    private static final WordPart WORD = new WordPart();
    private static final PagePart PAGE_PART = new PagePart();
    private static final ShowingPart SHOWING_PART = new ShowingPart();

    /** @param mended what was kept and cannot be used; the list is as if it were not there */
    public record Read(WordList list, List<Told> mended) {
    }

    private ListDocument() {
    }

    public static byte[] write(WordList list) {
        return Json.canonical(json(list));
    }

    /** Not yet as bytes. */
    static ObjectNode json(WordList list) {
        ObjectNode json = Json.mapper().createObjectNode();
        json.put(Formats.FORMAT, FORMAT);
        json.put(NAME, list.name());
        json.put(Later.NOW, list.now());
        if (list.second() != null) {
            ArrayNode second = json.putArray(SECOND).add(list.second().language());
            if (list.second().instead()) {
                second.add(INSTEAD);
            }
        }
        ArrayNode words = json.putArray(WORDS);
        list.words().forEach(w -> words.add(with(list.later().at(at(WORDS, w.id())), WORD.write(w))));
        ObjectNode supports = Json.mapper().createObjectNode();
        list.supports().forEach((name, s) -> supports.set(name, with(list.later().at(at(SUPPORTS, name)), SupportParts.write(s))));
        put(SUPPORTS, with(list.later().at(SUPPORTS), supports), json);
        put(PAGE, with(list.later().at(PAGE), PAGE_PART.write(list.page())), json);
        put(SHOWING, with(list.later().at(SHOWING), SHOWING_PART.write(list.showing())), json);
        if (!list.rows().isEmpty()) {
            ArrayNode rows = json.putArray(ROWS);
            list.rows().forEach(r -> rows.add(row(r, list.later())));
        }
        list.later().at(Later.LIST).forEach(json::set);
        return json;
    }

    private static ObjectNode row(ClassRow row, Later later) {
        String place = at(ROWS, row.name());
        ObjectNode json = Json.mapper().createObjectNode().put(NAME, row.name());
        if (row.student() != null) {
            json.put(STUDENT, row.student());
        }
        if (row.photo() != null) {
            json.put(PHOTO, row.photo());
        }
        if (!row.instead().isEmpty()) {
            ObjectNode instead = json.putObject(INSTEAD);
            row.instead().forEach((word, other) -> instead.set(word, with(later.at(at(place, word)), WORD.write(other))));
        }
        return with(later.at(place), json);
    }

    private static void put(String key, ObjectNode part, ObjectNode into) {
        if (!part.isEmpty()) {
            into.set(key, part);
        }
    }

    private static ObjectNode with(Map<String, JsonNode> later, ObjectNode json) {
        later.forEach((key, value) -> {
            if (!json.has(key)) {
                json.set(key, value);
            }
        });
        return json;
    }

    private static String at(String place, String what) {
        return place + "/" + what;
    }

    /** @throws org.dwimble.core.told.Unacceptable if a later release wrote it in a format of its own */
    public static WordList read(byte[] document) {
        return readAll(document).list();
    }

    /** The same, with what could not be used: a list opens whatever is in it. */
    public static Read readAll(byte[] document) {
        return of((ObjectNode) Json.mapper().readTree(document));
    }

    static Read of(ObjectNode document) {
        return new Reading(Formats.upgraded(document, List.of(FirstFormat::list, SecondFormat::list))).all();
    }

    /**
     * The same after two people's changes have come together.
     *
     * @throws Unacceptable if the list has then a part that cannot stand, which each of them alone did not make so
     */
    static Read together(ObjectNode document, Read now) {
        Reading reading = new Reading(document);
        Read read = reading.all();
        if (read.mended.size() > of(json(now.list)).mended.size() && !reading.refused.isEmpty()) {
            throw reading.refused.get(reading.refused.size() - 1);
        }
        return read;
    }

    /** Piece by piece; what is no such piece is left out and told. */
    private static final class Reading {
        private final ObjectNode json;
        private final List<Told> mended = new ArrayList<>();
        private final List<Unacceptable> refused = new ArrayList<>();
        private final Map<String, Map<String, JsonNode>> later = new TreeMap<>();

        private Reading(ObjectNode json) {
            this.json = json;
        }

        private Read all() {
            carry(Later.LIST, unknown(json, KEYS));
            List<ListedWord> words = new ArrayList<>();
            json.path(WORDS).forEach(w -> word(w, at(WORDS, w.path(WordPart.ID).asString(""))).ifPresentOrElse(words::add,
                () -> mended.add(Told.of("list-mended-word", "word", textOf(w)))));
            List<ClassRow> rows = new ArrayList<>();
            json.path(ROWS).forEach(r -> row(r).ifPresentOrElse(rows::add, () -> mended.add(Told.of("list-mended-row", "name", r.path(NAME).asString("")))));
            Map<String, Support> supports = new TreeMap<>();
            json.path(SUPPORTS).properties().forEach(s -> support(s.getKey(), s.getValue()).ifPresent(one -> supports.put(s.getKey(), one)));
            WordList list = new WordList(json.path(NAME).asString(""), words, second(), now(), supports, page(), rows, showing(), new Later(later));
            return new Read(list, List.copyOf(mended));
        }

        private void carry(String place, Map<String, JsonNode> fields) {
            if (!fields.isEmpty()) {
                later.computeIfAbsent(place, p -> new TreeMap<>()).putAll(fields);
            }
        }

        private @Nullable Second second() {
            JsonNode second = json.path(SECOND);
            return second.isArray() && second.path(0).isString() ? new Second(second.path(0).asString(), INSTEAD.equals(second.path(1).asString(""))) : null;
        }

        private String now() {
            String now = json.path(Later.NOW).asString(USUAL_SUPPORT);
            if (SupportParts.of(now).isPresent()) {
                return now;
            }
            carry(Later.LIST, Map.of(Later.NOW, json.get(Later.NOW)));
            mended.add(Told.of("list-later-support"));
            return USUAL_SUPPORT;
        }

        private Optional<ListedWord> word(JsonNode json, String place) {
            if (!(json instanceof ObjectNode word)) {
                return Optional.empty();
            }
            Optional<ListedWord> asItIs = part(WORD, word);
            Optional<ListedWord> read = asItIs.isPresent() ? asItIs : part(WORD, withoutBadPictures(word.deepCopy()));
            read.ifPresent(w -> {
                carry(place, WORD.later(word));
                if (asItIs.isEmpty()) {
                    mended.add(Told.of("list-mended-picture", "word", w.text()));
                }
            });
            return read;
        }

        private Optional<ClassRow> row(JsonNode json) {
            String name = json.path(NAME).asString("");
            JsonNode photo = json.path(PHOTO);
            boolean usable = photo.isMissingNode() || isPicture(photo);
            Map<String, ListedWord> instead = new TreeMap<>();
            for (Map.Entry<String, JsonNode> entry : json.path(INSTEAD).properties()) {
                Optional<ListedWord> word = word(entry.getValue(), at(at(ROWS, name), entry.getKey()));
                if (word.isEmpty()) {
                    return Optional.empty();
                }
                instead.put(entry.getKey(), word.get());
            }
            Optional<ClassRow> row = tried(j -> new ClassRow(name, j.path(STUDENT).isString() ? j.path(STUDENT).asString() : null,
                photo.isString() && usable ? photo.asString() : null, instead), json);
            row.ifPresent(r -> {
                carry(at(ROWS, r.name()), unknown((ObjectNode) json, ROW_KEYS));
                if (!usable) {
                    mended.add(Told.of("list-mended-photo", "name", name));
                }
            });
            return row;
        }

        /** One that this release does not know, or cannot use, is carried along as it is. */
        private Optional<? extends Support> support(String name, JsonNode json) {
            Optional<Part<? extends Support>> part = SupportParts.of(name);
            Optional<? extends Support> read = part.isPresent() && json instanceof ObjectNode object ? part(part.get(), object) : Optional.empty();
            if (read.isPresent()) {
                carry(at(SUPPORTS, name), part.get().later((ObjectNode) json));
                return read;
            }
            carry(SUPPORTS, Map.of(name, json));
            if (part.isPresent()) {
                mended.add(Told.of("list-mended-support", "support", Told.of("support", "name", name.replace('-', '_'))));
            }
            return Optional.empty();
        }

        private PageSetup page() {
            if (!(json.get(PAGE) instanceof ObjectNode page)) {
                return PAGE_PART.read(Json.mapper().createObjectNode());
            }
            carry(PAGE, PAGE_PART.later(page));
            Optional<PageSetup> read = part(PAGE_PART, page);
            if (read.isEmpty()) {
                mended.add(Told.of("list-mended-page"));
            }
            return read.orElseGet(() -> PAGE_PART.read(Json.mapper().createObjectNode()));
        }

        private Showing showing() {
            if (!(json.get(SHOWING) instanceof ObjectNode showing)) {
                return Showing.USUAL;
            }
            carry(SHOWING, SHOWING_PART.later(showing));
            Optional<Showing> read = part(SHOWING_PART, showing);
            if (read.isEmpty()) {
                mended.add(Told.of("list-mended-showing"));
            }
            return read.orElse(Showing.USUAL);
        }

        private <R> Optional<R> part(Part<R> part, ObjectNode json) {
            return tried(part::read, json);
        }

        private <J extends JsonNode, R> Optional<R> tried(Function<J, R> read, J json) {
            try {
                return Optional.of(read.apply(json));
            } catch (Unacceptable why) {
                refused.add(why);
                return Optional.empty();
            } catch (RuntimeException not) {
                return Optional.empty();
            }
        }

        private static Map<String, JsonNode> unknown(ObjectNode json, Set<String> known) {
            return json.properties().stream().filter(p -> !known.contains(p.getKey())).collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
        }

        private static String textOf(JsonNode word) {
            return word.path(WordPart.TEXT).asString("");
        }

        private static ObjectNode withoutBadPictures(ObjectNode word) {
            if (word.get(WordPart.PICTURES) instanceof ArrayNode pictures) {
                for (int i = pictures.size() - 1; i >= 0; i--) {
                    if (!isPicture(pictures.get(i))) {
                        pictures.remove(i);
                    }
                }
                if (pictures.isEmpty() && textOf(word).isBlank()) {
                    word.put(WordPart.TEXT, "?");
                }
            }
            return word;
        }

        private static boolean isPicture(JsonNode id) {
            return id.isString() && (MediaId.isLibrary(id.asString()) || MediaId.isOwn(id.asString()));
        }
    }
}
