package org.dwimble.core.board;

import org.dwimble.core.told.Unacceptable;

/**
 * What belongs to a vocabulary as a whole, not to one of its boards.
 *
 * @param home   id of the home board
 * @param locale BCP 47 language tag of the words
 */
public record Whole(String name, String home, String locale, Extras extras) {
    public static final int LONGEST_NAME = 80;

    public Whole {
        name = Text.tidy(name);
        if (name.isEmpty()) {
            throw new Unacceptable("vocabulary-without-name");
        }
        Text.atMost(LONGEST_NAME, "vocabulary_name", name);
        locale = locale == null || locale.isBlank() ? "en" : locale;
        extras = extras == null ? Extras.NONE : extras;
    }

    public Whole withName(String name) {
        return new Whole(name, home, locale, extras);
    }

    public Whole withHome(String home) {
        return new Whole(name, home, locale, extras);
    }

    public Whole withLocale(String locale) {
        return new Whole(name, home, locale, extras);
    }

    public Whole withExtras(Extras extras) {
        return new Whole(name, home, locale, extras);
    }
}
