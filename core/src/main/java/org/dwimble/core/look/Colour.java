package org.dwimble.core.look;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * A colour of the sRGB space.
 *
 * @param red   0 to 255, as are green and blue
 * @param alpha 0, not seen, to 255, covering
 */
public record Colour(int red, int green, int blue, int alpha) {
    public static final Colour WHITE = new Colour(255, 255, 255, 255);
    /** What labels are written in, unless it could not be read. */
    public static final Colour INK = new Colour(0x1f, 0x2a, 0x44, 255);
    private static final int MOST = 255;
    private static final Pattern HEX = Pattern.compile("#(?:[0-9a-f]{3}|[0-9a-f]{6}|[0-9a-f]{8})");
    private static final Pattern RGB = Pattern.compile("rgba?\\(\\s*(\\d{1,3})\\s*,\\s*(\\d{1,3})\\s*,\\s*(\\d{1,3})\\s*(?:,\\s*(\\d*\\.?\\d+)(%?)\\s*)?\\)");

    public Colour {
        if (!within(red) || !within(green) || !within(blue) || !within(alpha)) {
            throw new Unacceptable("no-colour", "colour", red + ", " + green + ", " + blue);
        }
    }

    private static boolean within(int part) {
        return part >= 0 && part <= MOST;
    }

    /** @throws Unacceptable if {@link #read} cannot read it */
    @JsonCreator
    public static Colour of(String text) {
        return read(text).orElseThrow(() -> new Unacceptable("no-colour", "colour", text == null ? "" : text.substring(0, Math.min(30, text.length()))));
    }

    /** Reads {@code #rgb}, {@code #rrggbb}, {@code #rrggbbaa}, {@code rgb(r, g, b)} and {@code rgba(r, g, b, a)} (CSS Color 3, with the alpha of 4). */
    public static Optional<Colour> read(@Nullable String text) {
        String plain = text == null ? "" : text.trim().toLowerCase(Locale.ROOT);
        if (HEX.matcher(plain).matches()) {
            String full = plain.length() == 4 ? "" + plain.charAt(1) + plain.charAt(1) + plain.charAt(2) + plain.charAt(2) + plain.charAt(3) + plain.charAt(3)
                : plain.substring(1);
            return Optional.of(new Colour(hex(full, 0), hex(full, 2), hex(full, 4), full.length() == 8 ? hex(full, 6) : MOST));
        }
        Matcher rgb = RGB.matcher(plain);
        if (!rgb.matches()) {
            return Optional.empty();
        }
        double alpha = rgb.group(4) == null ? 1 : Double.parseDouble(rgb.group(4)) / (rgb.group(5).isEmpty() ? 1 : 100);
        return Optional.of(new Colour(part(rgb.group(1)), part(rgb.group(2)), part(rgb.group(3)), (int) Math.round(MOST * Math.min(1, alpha))));
    }

    private static int hex(String digits, int from) {
        return Integer.parseInt(digits.substring(from, from + 2), 16);
    }

    private static int part(String number) {
        return Math.min(MOST, Integer.parseInt(number));
    }

    /** {@code #rrggbb}, with two digits more if it does not cover. */
    @JsonValue
    public String hex() {
        String plain = String.format(Locale.ROOT, "#%02x%02x%02x", red, green, blue);
        return alpha == MOST ? plain : plain + String.format(Locale.ROOT, "%02x", alpha);
    }

    /** As Open Board Format has it. */
    public String css() {
        return alpha == MOST ? "rgb(%d, %d, %d)".formatted(red, green, blue)
            : String.format(Locale.ROOT, "rgba(%d, %d, %d, %s)", red, green, blue, Math.round(alpha / 0.255) / 1000.0);
    }

    /** What is seen of it on white paper. */
    public Colour onWhite() {
        return new Colour(onWhite(red), onWhite(green), onWhite(blue), MOST);
    }

    private int onWhite(int part) {
        return MOST - (MOST - part) * alpha / MOST;
    }

    /** 1 to 21: the contrast of two covering colours, by WCAG 2.2. */
    public double contrast(Colour other) {
        double one = luminance();
        double two = other.luminance();
        return (Math.max(one, two) + 0.05) / (Math.min(one, two) + 0.05);
    }

    private double luminance() {
        return 0.2126 * linear(red) + 0.7152 * linear(green) + 0.0722 * linear(blue);
    }

    private static double linear(int part) {
        double share = part / (double) MOST;
        return share <= 0.04045 ? share / 12.92 : Math.pow((share + 0.055) / 1.055, 2.4);
    }

    /** Ink, or white where ink would be harder to read. */
    public Colour ink() {
        Colour seen = onWhite();
        return seen.contrast(INK) >= seen.contrast(WHITE) ? INK : WHITE;
    }
}
