package org.dwimble.core.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** How pictures look to one student: all of his or her pictures follow it. */
public record Appearance(Look look, Tone tone, Hair hair) {
    public static final Appearance USUAL = new Appearance(Look.COLOUR, Tone.YELLOW, Hair.USUAL);
    private static final Pattern SLUG = Pattern.compile("([a-z]+)\\.([a-z_]+)\\.([a-z]+)");

    public Appearance {
        look = look == null ? Look.COLOUR : look;
        tone = tone == null ? Tone.YELLOW : tone;
        hair = hair == null ? Hair.USUAL : hair;
    }

    /** Every appearance there is. */
    public static List<Appearance> all() {
        List<Appearance> all = new ArrayList<>();
        for (Look look : Look.values()) {
            for (Tone tone : Tone.values()) {
                for (Hair hair : Hair.values()) {
                    all.add(new Appearance(look, tone, hair));
                }
            }
        }
        return all;
    }

    /** For addresses: {@code colour.medium_dark.black}. */
    public String slug() {
        return (look + "." + tone + "." + hair).toLowerCase(Locale.ROOT);
    }

    /** The reverse of {@link #slug()}; empty if it is not one. */
    public static Optional<Appearance> of(String slug) {
        Matcher parts = SLUG.matcher(slug);
        if (!parts.matches()) {
            return Optional.empty();
        }
        try {
            return Optional.of(new Appearance(Look.valueOf(parts.group(1).toUpperCase(Locale.ROOT)),
                Tone.valueOf(parts.group(2).toUpperCase(Locale.ROOT)), Hair.valueOf(parts.group(3).toUpperCase(Locale.ROOT))));
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    /** The drawing with its skin, shade and hair filled in; drawings without these are returned as they are. */
    public String fill(String drawing) {
        Hair worn = hair == Hair.USUAL ? tone.usualHair() : hair;
        return drawing.replace("{skin}", tone.skin()).replace("{shade}", tone.shade()).replace("{hair}", worn.colour());
    }
}
