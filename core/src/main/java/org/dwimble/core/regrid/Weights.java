package org.dwimble.core.regrid;

import java.util.Map;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Leads;
import org.dwimble.core.reveal.CoreWords;
import org.dwimble.core.use.HowOften;
import org.dwimble.core.use.Used;

/**
 * How much it weighs that a word moves: {@code (1 + log2(1 + times)) x (1 + weeks / 52) x core}, where weeks, from the first day it was said to the last,
 * count up to 52, and core is 2 for core words and for what opens a board, as all that stands there is reached by way of it, else 1. A word nothing is
 * known of weighs 1. The formula is our own: a word said often is learned by its place, and each time more teaches less; so does each week.
 *
 * @param said by {@link Used#wordOf}; empty where it is not kept
 */
public record Weights(Map<String, HowOften> said) {
    /** Where nothing is kept of what is said. */
    public static final Weights NONE = new Weights(Map.of());
    private static final double DAYS_A_WEEK = 7;
    private static final double WEEKS = 52;
    private static final double CORE = 2;

    public Weights {
        said = Map.copyOf(said);
    }

    public double of(Button button) {
        HowOften use = howOften(button);
        double often = 1 + Math.log(1 + use.times()) / Math.log(2);
        double known = 1 + Math.min(use.days() / DAYS_A_WEEK, WEEKS) / WEEKS;
        return often * known * (core(button) ? CORE : 1);
    }

    public static boolean core(Button button) {
        return button.leads() instanceof Leads.Opens || CoreWords.has(button.spoken());
    }

    /** How often a word was said. */
    public int times(Button button) {
        return howOften(button).times();
    }

    private HowOften howOften(Button button) {
        return said.getOrDefault(Used.wordOf(button.spoken()), HowOften.NEVER);
    }
}
