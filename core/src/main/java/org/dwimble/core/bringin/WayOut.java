package org.dwimble.core.bringin;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import org.dwimble.core.told.Unacceptable;

/** What becomes of a button that would open a board which does not come. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
    @JsonSubTypes.Type(value = WayOut.SpeaksOnly.class, name = "speaks-only"),
    @JsonSubTypes.Type(value = WayOut.PointsTo.class, name = "points-to")
})
public sealed interface WayOut {
    WayOut SPEAKS_ONLY = new SpeaksOnly();

    /** It says what it says and stays where it is. One that says nothing says its label. */
    record SpeaksOnly() implements WayOut {
    }

    /** It opens a board that is here. @param board its id here */
    record PointsTo(String board) implements WayOut {
        public PointsTo {
            if (board == null || board.isBlank()) {
                throw new Unacceptable("opens-what");
            }
        }
    }
}
