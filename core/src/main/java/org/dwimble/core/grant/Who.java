package org.dwimble.core.grant;

import java.util.Objects;

/** To whom something is given: an account, or a group of them. */
public sealed interface Who {
    /** @param account its number */
    record Person(long account) implements Who {
    }

    /** Whoever may look into what is a student's, whoever that is by now. @param student its id */
    record TeamOf(String student) implements Who {
        public TeamOf {
            Objects.requireNonNull(student);
        }
    }

    /** Whoever can sign in at this school. */
    record Everybody() implements Who {
    }

    Who EVERYBODY = new Everybody();
}
