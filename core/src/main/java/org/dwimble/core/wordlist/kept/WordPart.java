package org.dwimble.core.wordlist.kept;

import java.util.List;
import org.dwimble.core.board.Kind;
import org.dwimble.core.document.As;
import org.dwimble.core.document.Field;
import org.dwimble.core.document.Part;
import org.dwimble.core.look.Colour;
import org.dwimble.core.wordlist.ListedWord;
import tools.jackson.databind.node.ObjectNode;

/** A word of a list, as kept. */
final class WordPart extends Part<ListedWord> {
    static final String ID = "id";
    static final String TEXT = "text";
    static final String PICTURES = "pictures";
    private final Field<ListedWord, String> id = field(ID, As.TEXT, null, ListedWord::id);
    private final Field<ListedWord, String> text = field(TEXT, As.TEXT, "", ListedWord::text);
    private final Field<ListedWord, List<String>> pictures = field(PICTURES, As.list(As.TEXT), List.of(), ListedWord::pictures);
    private final Field<ListedWord, Boolean> not = field("not", As.FLAG, false, ListedWord::not);
    private final Field<ListedWord, Integer> times = field("times", As.NUMBER, 1, ListedWord::times);
    private final Field<ListedWord, String> second = field("second", As.TEXT, null, ListedWord::second);
    private final Field<ListedWord, Kind> kind = field("kind", As.KIND, null, ListedWord::kind);
    private final Field<ListedWord, Colour> paper = field("paper", As.COLOUR, null, ListedWord::paper);

    @Override
    protected ListedWord made(ObjectNode json) {
        return new ListedWord(id.in(json), text.in(json), pictures.in(json), not.in(json), times.in(json), second.orNone(json), kind.orNone(json),
            paper.orNone(json));
    }
}
