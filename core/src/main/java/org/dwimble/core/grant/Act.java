package org.dwimble.core.grant;

/** What somebody does with a thing. Which of them somebody may is said by a {@link Role}; an endpoint names the one it is. */
public enum Act {
    /** See boards, their words and pictures: what talking, building and printing all begin with. */
    SEE,
    /** Talk with it. */
    TALK,
    /** Look into it: how it came to be, how it is arranged, who is on the team, what else there is of the student. */
    LOOK,
    /** Put it on paper. */
    PRINT,
    /** Take it away as a file, or copy it for somebody else. */
    TAKE,
    /** Know what is true of a student beyond the boards: facts, and why words are held because of them. */
    KNOW,
    /** Change it. */
    CHANGE,
    /** Say who else may, and delete it. */
    OWN,
    /** Look after accounts, numbers and backups. Nothing of a student comes with it. */
    KEEP
}
