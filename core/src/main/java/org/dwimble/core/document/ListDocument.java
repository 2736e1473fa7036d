package org.dwimble.core.document;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.dwimble.core.board.MediaId;
import org.dwimble.core.sheet.PageSetup;
import org.dwimble.core.support.Support;
import org.dwimble.core.told.Told;
import org.dwimble.core.wordlist.ClassRow;
import org.dwimble.core.wordlist.ListedWord;
import org.dwimble.core.wordlist.WordList;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A word list as it is kept: its parts by their names, lengths in micrometres. */
public final class ListDocument {
    private static final int FORMAT = 1;

    /** @param mended what was kept and cannot be used, as an earlier release took what it should not have; the list is as if it were not there */
    public record Read(WordList list, List<Told> mended) {
    }

    private ListDocument() {
    }

    public static byte[] write(WordList list) {
        ObjectNode json = Json.mapper().valueToTree(list);
        json.put(Formats.FORMAT, FORMAT);
        return Json.canonical(json);
    }

    /** @throws org.dwimble.core.told.Unacceptable if a later release wrote it */
    public static WordList read(byte[] document) {
        return readAll(document).list();
    }

    /** The same, with what could not be used: a list opens whatever is in it. */
    public static Read readAll(byte[] document) {
        ObjectNode json = Formats.upgraded((ObjectNode) Json.mapper().readTree(document), List.of());
        json.remove(Formats.FORMAT);
        try {
            return new Read(Json.mapper().treeToValue(json, WordList.class), List.of());
        } catch (RuntimeException notAsItIs) {
            return mended(json);
        }
    }

    /** Part by part, without those that no list may have. */
    private static Read mended(ObjectNode json) {
        List<Told> mended = new ArrayList<>();
        json.path("words").forEach(word -> pictures(word, mended));
        json.path("rows").forEach(row -> {
            if (row instanceof ObjectNode object && !isPicture(object.path("photo"))) {
                object.putNull("photo");
                mended.add(Told.of("list-mended-photo", "name", object.path("name").asString("")));
            }
            row.path("instead").forEach(word -> pictures(word, mended));
        });
        each(json.path("words"), ListedWord.class, word -> mended.add(Told.of("list-mended-word", "word", word.path("text").asString(""))));
        each(json.path("rows"), ClassRow.class, row -> mended.add(Told.of("list-mended-row", "name", row.path("name").asString(""))));
        if (json.path("supports") instanceof ObjectNode supports) {
            for (String name : List.copyOf(supports.propertyNames())) {
                if (!isGood(supports.get(name), Support.class)) {
                    supports.remove(name);
                    mended.add(Told.of("list-mended-support", "support", Told.of("support", "name", name)));
                }
            }
        }
        if (!isGood(json.path("page"), PageSetup.class)) {
            json.set("page", Json.mapper().valueToTree(PageSetup.USUAL));
            mended.add(Told.of("list-mended-page"));
        }
        return new Read(Json.mapper().treeToValue(json, WordList.class), List.copyOf(mended));
    }

    private static void pictures(JsonNode word, List<Told> mended) {
        if (!(word.path("pictures") instanceof ArrayNode pictures)) {
            return;
        }
        int had = pictures.size();
        for (int i = pictures.size() - 1; i >= 0; i--) {
            if (pictures.get(i).isNull() || !isPicture(pictures.get(i))) {
                pictures.remove(i);
            }
        }
        if (pictures.size() < had) {
            if (pictures.isEmpty() && word.path("text").asString("").isBlank()) {
                ((ObjectNode) word).put("text", "?");
            }
            mended.add(Told.of("list-mended-picture", "word", word.path("text").asString("")));
        }
    }

    /** Also true of none. */
    private static boolean isPicture(JsonNode id) {
        return id.isNull() || id.isMissingNode() || MediaId.isLibrary(id.asString("")) || MediaId.isOwn(id.asString(""));
    }

    private static void each(JsonNode list, Class<?> type, Consumer<JsonNode> lost) {
        if (list instanceof ArrayNode array) {
            for (int i = array.size() - 1; i >= 0; i--) {
                if (!isGood(array.get(i), type)) {
                    lost.accept(array.get(i));
                    array.remove(i);
                }
            }
        }
    }

    private static boolean isGood(JsonNode json, Class<?> type) {
        try {
            return Json.mapper().treeToValue(json, type) != null;
        } catch (RuntimeException not) {
            return false;
        }
    }
}
