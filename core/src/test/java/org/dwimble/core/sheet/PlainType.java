package org.dwimble.core.sheet;

import java.util.Locale;
import java.util.Map;
import org.dwimble.core.measure.Length;
import org.dwimble.core.told.Told;

/** Letters to lay sheets in without a typeface: every one half an em wide; no emoji. */
public final class PlainType implements Type {
    public static final Type PLAIN = new PlainType();

    private static final Map<String, String> SAID = Map.ofEntries(Map.entry("paper-ruler", "50 mm on paper"), Map.entry("paper-page", "page {page}"),
        Map.entry("paper-page-short", "p. {page}"), Map.entry("paper-to-glue", "row {row}, column {column} of {sheets} sheets to glue"),
        Map.entry("paper-index", "Where the words are"), Map.entry("paper-not-there", "not on the boards"), Map.entry("paper-called", "To be called"),
        Map.entry("paper-bingo-card", "game {game}, card {card}"), Map.entry("paper-month", "{month} {year}"), Map.entry("paper-days", "{from} to {to} {year}"),
        Map.entry("paper-day", "{day} {month}"));

    private PlainType() {
    }

    @Override
    public Length width(String text, Length size) {
        return size.times(0.5 * text.length());
    }

    @Override
    public String said(Told told) {
        String pattern = SAID.get(told.key());
        for (Map.Entry<String, Object> with : told.with().entrySet()) {
            pattern = pattern.replace("{" + with.getKey() + "}", with.getValue() instanceof Told inner ? said(inner) : String.valueOf(with.getValue()));
        }
        return pattern;
    }

    @Override
    public Locale spoken() {
        return Locale.UK;
    }

    @Override
    public boolean has(String text) {
        return text.chars().allMatch(c -> c < 0x2100);
    }
}
