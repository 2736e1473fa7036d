package org.dwimble.core.grant;

import java.util.Objects;
import java.util.Set;

/** A line of the table: what was given to whom, and as what. */
public record Grant(Who who, Role role, Thing thing) {
    public Grant {
        Objects.requireNonNull(who);
        Objects.requireNonNull(role);
        if (thing.sort() == Thing.Sort.SCHOOL == role.ofTeams()) {
            throw new IllegalArgumentException("A " + role + " of " + thing);
        }
    }

    /** Whether it lets somebody do something. @param somebody all that he or she is, see {@link Grants#is} */
    public boolean gives(Act act, Set<Who> somebody) {
        return role.may(act) && somebody.contains(who);
    }
}
