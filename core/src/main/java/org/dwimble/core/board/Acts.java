package org.dwimble.core.board;

import java.util.List;
import org.dwimble.core.doing.Doing;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * What a button says and does, in this order: it says, it does its doings to the message, it leads somewhere.
 *
 * @param sound  id of a recorded sound, kept for the packages that bring one
 * @param doings at most {@value #MOST_DOINGS}, in order
 */
public record Acts(Says says, @Nullable String sound, List<Doing> doings, Leads leads) {
    public static final int MOST_DOINGS = 20;
    /** Says its label and stays. */
    public static final Acts SPEAK = new Acts(Says.LABEL, null, List.of(), Leads.STAYS);

    public Acts {
        says = says == null ? Says.LABEL : says;
        leads = leads == null ? Leads.STAYS : leads;
        doings = doings == null ? List.of() : List.copyOf(doings);
        if (sound != null) {
            MediaId.sound(sound);
        }
        if (doings.size() > MOST_DOINGS) {
            throw new Unacceptable("too-many-doings", "most", MOST_DOINGS, "has", doings.size());
        }
    }

    /** Says nothing and leads somewhere. */
    public static Acts leading(Leads leads) {
        return new Acts(Says.NOTHING, null, List.of(), leads);
    }

    public Acts withSays(Says says) {
        return new Acts(says, sound, doings, leads);
    }

    public Acts withSound(@Nullable String sound) {
        return new Acts(says, sound, doings, leads);
    }

    public Acts withDoings(List<Doing> doings) {
        return new Acts(says, sound, doings, leads);
    }

    public Acts withLeads(Leads leads) {
        return new Acts(says, sound, doings, leads);
    }
}
