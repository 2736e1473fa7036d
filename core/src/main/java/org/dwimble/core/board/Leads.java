package org.dwimble.core.board;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import org.dwimble.core.doing.Written;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/** Where a tap on a button leads once the button has said what it says. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Leads.Stays.class, name = "stays"),
    @JsonSubTypes.Type(value = Leads.Opens.class, name = "opens"),
    @JsonSubTypes.Type(value = Leads.Elsewhere.class, name = "elsewhere"),
    @JsonSubTypes.Type(value = Leads.Home.class, name = "home"),
    @JsonSubTypes.Type(value = Leads.Back.class, name = "back"),
    @JsonSubTypes.Type(value = Leads.OfLater.class, name = "of-later")
})
public sealed interface Leads {
    Leads STAYS = new Stays();
    Leads HOME = new Home();
    Leads BACK = new Back();

    /** The board stays as it is. */
    record Stays() implements Leads {
    }

    /**
     * Opens the board with this id, which need not exist: then the button is a loose end.
     *
     * @param once true if the first word said there, or further on, comes back to where it was opened from; else null
     */
    record Opens(String board, @Nullable Boolean once) implements Leads {
        public Opens {
            if (board == null || board.isBlank()) {
                throw new Unacceptable("opens-what");
            }
            once = Boolean.TRUE.equals(once) ? Boolean.TRUE : null;
        }

        public Opens(String board) {
            this(board, null);
        }

        @JsonIgnore
        public boolean comesBack() {
            return once != null;
        }
    }

    /** Opens another vocabulary of the student, at its home. */
    record Elsewhere(long vocabulary) implements Leads {
    }

    record Home() implements Leads {
    }

    /** Back to the board this one was opened from. */
    record Back() implements Leads {
    }

    /** A way that a later release knows and this one does not: it stays, and is written back. @param json as the document has it */
    record OfLater(String json) implements Leads {
        public OfLater {
            Written.read(json, Integer.MAX_VALUE);
        }
    }
}
