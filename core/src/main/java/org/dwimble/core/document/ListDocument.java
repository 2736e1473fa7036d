package org.dwimble.core.document;

import java.util.List;
import org.dwimble.core.wordlist.WordList;
import tools.jackson.databind.node.ObjectNode;

/** A word list as it is kept: its parts by their names, lengths in micrometres. */
public final class ListDocument {
    private static final int FORMAT = 1;

    private ListDocument() {
    }

    public static byte[] write(WordList list) {
        ObjectNode json = Json.mapper().valueToTree(list);
        json.put(Formats.FORMAT, FORMAT);
        return Json.canonical(json);
    }

    /** @throws org.dwimble.core.told.Unacceptable if a later release wrote it */
    public static WordList read(byte[] document) {
        ObjectNode json = Formats.upgraded((ObjectNode) Json.mapper().readTree(document), List.of());
        json.remove(Formats.FORMAT);
        return Json.mapper().treeToValue(json, WordList.class);
    }
}
