package org.dwimble.core.student;

/** What somebody may do on a student's team. Each may do what the next may. */
public enum Role {
    /** Changes boards, and who is on the team. */
    OWNER,
    /** Changes boards. */
    EDITOR,
    /** Looks, talks, prints. */
    VIEWER;

    public boolean mayEdit() {
        return this != VIEWER;
    }
}
