package org.dwimble.core.picture;

import org.jspecify.annotations.Nullable;

/** Whom a picture shows, or whose voice a sound is; the most careful answer first. */
public enum Shows {
    /** Others than the student whose it is: family, classmates, staff, somebody unknown. */
    OTHERS,
    /** The student whose it is, and nobody else. */
    STUDENT, NOBODY,
    /** It came with a package, and nobody said: it may show somebody. */
    NOT_SAID;

    /** What is asked about before it leaves. */
    public boolean maybeSomebody() {
        return this != NOBODY;
    }

    /** True if it is known to show or be somebody. */
    public boolean somebody() {
        return this == OTHERS || this == STUDENT;
    }

    /** As it is to be told of the boards or lists of a student. @param whose it is, with {@link #STUDENT} @param student null for nobody's boards */
    public Shows onBoardsOf(@Nullable String whose, @Nullable String student) {
        return this == STUDENT && (whose == null || !whose.equals(student)) ? OTHERS : this;
    }
}
