package org.dwimble.core.board;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import org.dwimble.core.dayword.DayWord;
import org.dwimble.core.doing.Written;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;

/**
 * What a button puts into the message. Saying nothing and saying one's own label are two types, so that
 * a blank text is never mistaken for "the label": a topic button would otherwise shout its name into
 * every sentence on the way through.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Says.Label.class, name = "label"),
    @JsonSubTypes.Type(value = Says.Words.class, name = "words"),
    @JsonSubTypes.Type(value = Says.Nothing.class, name = "nothing"),
    @JsonSubTypes.Type(value = Says.OfDay.class, name = "of-day"),
    @JsonSubTypes.Type(value = Says.OfLater.class, name = "of-later")
})
public sealed interface Says {
    Says LABEL = new Label();
    Says NOTHING = new Nothing();

    /** The longest text a button can say, in characters. */
    int MOST = 1000;

    record Label() implements Says {
    }

    record Words(String text) implements Says {
        public Words {
            text = Text.tidy(text);
            if (text.isEmpty()) {
                throw new Unacceptable("no-words-to-say");
            }
            Text.atMost(MOST, "says", text);
        }
    }

    record Nothing() implements Says {
    }

    /** A word that depends on the day or the hour; label and speech are computed when it is shown, where it is not known the label stands. */
    record OfDay(DayWord day) implements Says {
        public OfDay {
            Unacceptable.ifMissing(day);
        }
    }

    /** What a later release knows and this one does not: the label is said, and it is written back. @param json as the document has it */
    record OfLater(String json) implements Says {
        public OfLater {
            Written.read(json, Integer.MAX_VALUE);
        }
    }
}
