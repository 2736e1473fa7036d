package org.dwimble.core.board;

import java.util.ArrayList;
import java.util.List;
import org.dwimble.core.doing.Doing;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.voice.HowSaid;
import org.jspecify.annotations.Nullable;

/**
 * What a button says and does, in this order: it says, it does its doings, it leads somewhere. Where {@link Doing#OWN_WORD} is
 * among the doings, it says what it says there.
 *
 * @param how    how it says it
 * @param sound  id of a recording or another sound, heard in place of a voice; null if there is none
 * @param doings at most {@value #MOST_DOINGS}, in order
 */
public record Acts(Says says, HowSaid how, @Nullable String sound, List<Doing> doings, Leads leads) {
    public static final int MOST_DOINGS = 20;
    /** Says its label and stays. */
    public static final Acts SPEAK = new Acts(Says.LABEL, null, List.of(), Leads.STAYS);

    public Acts {
        says = says == null ? Says.LABEL : says;
        how = how == null ? HowSaid.USUAL : how;
        leads = leads == null ? Leads.STAYS : leads;
        doings = doings == null ? List.of() : ordered(doings);
        if (sound != null) {
            MediaId.sound(sound);
        }
        if (doings.size() > MOST_DOINGS) {
            throw new Unacceptable("too-many-doings", "most", MOST_DOINGS, "has", doings.size());
        }
    }

    /** It says what it says plainly. */
    public Acts(Says says, @Nullable String sound, List<Doing> doings, Leads leads) {
        this(says, HowSaid.USUAL, sound, doings, leads);
    }

    /** Its own word stands there once at most, and is left out where it comes first. */
    private static List<Doing> ordered(List<Doing> doings) {
        List<Doing> ordered = new ArrayList<>();
        boolean had = false;
        for (Doing doing : doings) {
            boolean own = doing.equals(Doing.OWN_WORD);
            if (!own || !had && !ordered.isEmpty()) {
                ordered.add(doing);
            }
            had |= own;
        }
        return List.copyOf(ordered);
    }

    /** All it does in order, what it says among them. */
    public List<Doing> inOrder() {
        if (doings.contains(Doing.OWN_WORD)) {
            return doings;
        }
        List<Doing> all = new ArrayList<>(List.of(Doing.OWN_WORD));
        all.addAll(doings);
        return all;
    }

    /** Says nothing and leads somewhere. */
    public static Acts leading(Leads leads) {
        return new Acts(Says.NOTHING, null, List.of(), leads);
    }

    public Acts withSays(Says says) {
        return new Acts(says, how, sound, doings, leads);
    }

    public Acts withHow(HowSaid how) {
        return new Acts(says, how, sound, doings, leads);
    }

    public Acts withSound(@Nullable String sound) {
        return new Acts(says, how, sound, doings, leads);
    }

    public Acts withDoings(List<Doing> doings) {
        return new Acts(says, how, sound, doings, leads);
    }

    public Acts withLeads(Leads leads) {
        return new Acts(says, how, sound, doings, leads);
    }
}
