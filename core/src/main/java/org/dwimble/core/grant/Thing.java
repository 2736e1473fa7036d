package org.dwimble.core.grant;

import java.util.Locale;
import java.util.Objects;
import java.util.Optional;

/**
 * Something that may be given to somebody, and that is shown, streamed, printed or sent.
 *
 * @param id by which it is known among those of its sort; empty for the school
 */
public record Thing(Sort sort, String id) {
    /** What there is to be given. A sort's {@link #word} is written down for good. */
    public enum Sort {
        /** The one school: its accounts and settings. */
        SCHOOL,
        /** With all that is a student's: vocabularies, lists, facts. */
        STUDENT, VOCABULARY, LIST,
        /** Of the school's own. */
        PICTURE;

        /** As it is written down, such as "vocabulary". */
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }

        /** @return nothing if there is no such sort */
        public static Optional<Sort> of(String word) {
            for (Sort sort : values()) {
                if (sort.word().equals(word)) {
                    return Optional.of(sort);
                }
            }
            return Optional.empty();
        }
    }

    public static final Thing SCHOOL = new Thing(Sort.SCHOOL, "");

    public Thing {
        Objects.requireNonNull(sort);
        if (sort == Sort.SCHOOL && !id.isEmpty()) {
            throw new IllegalArgumentException("There is one school, and not “" + id + "”");
        }
    }

    public static Thing student(String id) {
        return new Thing(Sort.STUDENT, id);
    }

    public static Thing vocabulary(long id) {
        return new Thing(Sort.VOCABULARY, Long.toString(id));
    }

    public static Thing list(long id) {
        return new Thing(Sort.LIST, Long.toString(id));
    }

    public static Thing picture(long id) {
        return new Thing(Sort.PICTURE, Long.toString(id));
    }
}
