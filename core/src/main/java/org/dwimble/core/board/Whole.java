package org.dwimble.core.board;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import org.dwimble.core.look.Colour;
import org.dwimble.core.look.Look;
import org.dwimble.core.plan.Plan;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;

/**
 * What belongs to a vocabulary as a whole, not to one of its boards.
 *
 * @param home   id of the home board
 * @param locale BCP 47 language tag of the words
 * @param look   how all boards look, where they do not say themselves
 * @param papers the paper of each kind, where kinds have papers; those left out have none
 * @param plan   what is shown when
 */
public record Whole(String name, String home, String locale, Look look, Map<Kind, Colour> papers, Plan plan, Extras extras) {
    public static final int LONGEST_NAME = 80;

    public Whole {
        name = Text.tidy(name);
        if (name.isEmpty()) {
            throw new Unacceptable("vocabulary-without-name");
        }
        Text.atMost(LONGEST_NAME, "vocabulary_name", name);
        locale = locale == null || locale.isBlank() ? "en" : locale;
        look = look == null ? Look.PLAIN : look;
        papers = papers == null || papers.isEmpty() ? Map.of() : Collections.unmodifiableMap(new EnumMap<>(papers));
        plan = plan == null ? Plan.NONE : plan;
        extras = extras == null ? Extras.NONE : extras;
    }

    public Whole(String name, String home, String locale, Extras extras) {
        this(name, home, locale, Look.PLAIN, Map.of(), Plan.NONE, extras);
    }

    public Whole withName(String name) {
        return new Whole(name, home, locale, look, papers, plan, extras);
    }

    public Whole withHome(String home) {
        return new Whole(name, home, locale, look, papers, plan, extras);
    }

    public Whole withLocale(String locale) {
        return new Whole(name, home, locale, look, papers, plan, extras);
    }

    public Whole withLook(Look look) {
        return new Whole(name, home, locale, look, papers, plan, extras);
    }

    public Whole withPapers(Map<Kind, Colour> papers) {
        return new Whole(name, home, locale, look, papers, plan, extras);
    }

    public Whole withPlan(Plan plan) {
        return new Whole(name, home, locale, look, papers, plan, extras);
    }

    public Whole withExtras(Extras extras) {
        return new Whole(name, home, locale, look, papers, plan, extras);
    }
}
