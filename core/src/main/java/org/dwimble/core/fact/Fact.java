package org.dwimble.core.fact;

import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;

/**
 * Something true of a student. It is for the team’s owner and editors alone.
 *
 * @param about what the allergy is to, the name of the diet, the interest, the person’s name, the place; of a school year its number
 * @param note  what else is to be known; may be empty
 * @param saidBy who said so; may be empty
 */
public record Fact(What what, String about, String note, String saidBy) {
    public static final int LONGEST = 80;
    public static final int LONGEST_NOTE = 400;

    /** What sort of fact. */
    public enum What {
        ALLERGY, DIET, FOOD_RULE, SCHOOL_YEAR, INTEREST, DIED, LEFT, FRIGHTENS
    }

    public Fact {
        about = Text.tidy(about);
        note = Text.tidy(note);
        saidBy = Text.tidy(saidBy);
        if (what == null || about.isEmpty()) {
            throw new Unacceptable("fact-about-what");
        }
        Text.atMost(LONGEST, "fact_about", about);
        Text.atMost(LONGEST_NOTE, "fact_note", note);
        Text.atMost(LONGEST, "person_name", saidBy);
        if (what == What.SCHOOL_YEAR && !about.matches("1?[0-9]")) {
            throw new Unacceptable("fact-school-year", "has", about);
        }
    }
}
