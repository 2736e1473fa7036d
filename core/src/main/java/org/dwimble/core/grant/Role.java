package org.dwimble.core.grant;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;

/** As what somebody was given a thing: the acts that come with it. */
public enum Role {
    /** Changes boards, and who is on the team. */
    OWNER(true, Act.SEE, Act.TALK, Act.LOOK, Act.PRINT, Act.TAKE, Act.KNOW, Act.CHANGE, Act.OWN),
    /** Changes boards. */
    EDITOR(true, Act.SEE, Act.TALK, Act.LOOK, Act.PRINT, Act.TAKE, Act.KNOW, Act.CHANGE),
    /** Looks, talks, prints, takes away. */
    VIEWER(true, Act.SEE, Act.TALK, Act.LOOK, Act.PRINT, Act.TAKE),
    /** Looks and prints, and nothing else. */
    PRINTER(true, Act.SEE, Act.LOOK, Act.PRINT),
    /** Talks, and nothing else: a tablet at home. */
    TALKER(true, Act.SEE, Act.TALK),
    /** Looks after the school's accounts. */
    KEEPER(false, Act.KEEP);

    private final boolean ofTeams;
    private final Set<Act> acts;

    Role(boolean ofTeams, Act first, Act... more) {
        this.ofTeams = ofTeams;
        this.acts = Collections.unmodifiableSet(EnumSet.of(first, more));
    }

    /** True if somebody can be this on a student's team. */
    public boolean ofTeams() {
        return ofTeams;
    }

    /** In the order of {@link Act}. */
    public Set<Act> acts() {
        return acts;
    }

    public boolean may(Act act) {
        return acts.contains(act);
    }
}
