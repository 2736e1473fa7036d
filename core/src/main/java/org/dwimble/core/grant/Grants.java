package org.dwimble.core.grant;

import java.util.Collection;
import java.util.Collections;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * The table of grants, or as much of it as one question is about: the lines of the thing, of what it belongs to, and of the students whose
 * teams these name. Nothing is kept of an answer: who asks again reads the table again.
 */
public final class Grants {
    private final List<Grant> lines;

    public Grants(Collection<Grant> lines) {
        this.lines = List.copyOf(lines);
    }

    /**
     * Whether somebody may do something with a thing.
     *
     * @param of what the thing belongs to, such as the student of a vocabulary: what is given of that is given of all that belongs to it; null for
     *           nothing
     */
    public boolean may(long account, Act act, Thing thing, @Nullable Thing of) {
        return acts(account, thing, of).contains(act);
    }

    /** All that somebody may do with a thing; empty if it is not to be known to be there. */
    public Set<Act> acts(long account, Thing thing, @Nullable Thing of) {
        Set<Who> somebody = is(account);
        Set<Act> acts = EnumSet.noneOf(Act.class);
        for (Grant line : lines) {
            if ((line.thing().equals(thing) || line.thing().equals(of)) && somebody.contains(line.who())) {
                acts.addAll(line.role().acts());
            }
        }
        return Collections.unmodifiableSet(acts);
    }

    /**
     * All that an account is: itself, one of everybody, one of the teams of the students in these lines whose things it may look into. Who only
     * talks is of no team. What is given to a team makes nobody one of another team, so that no two go round in a circle.
     */
    public Set<Who> is(long account) {
        Set<Who> alone = Set.of(new Who.Person(account), Who.EVERYBODY);
        Set<Who> somebody = new HashSet<>(alone);
        for (Grant line : lines) {
            if (line.thing().sort() == Thing.Sort.STUDENT && line.gives(Act.LOOK, alone)) {
                somebody.add(new Who.TeamOf(line.thing().id()));
            }
        }
        return somebody;
    }
}
