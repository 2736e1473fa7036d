package org.dwimble.core.number;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Numbers are drawn here and symbols by the library's build: both with one palette, and dark and light by one rule. */
class SameHandTest {
    private static final Pattern COLOUR = Pattern.compile("(\\w+): '(#[0-9a-f]{6})'");

    private static double luminance(String hex) {
        double[] weight = {0.2126, 0.7152, 0.0722};
        double sum = 0;
        for (int i = 0; i < 3; i++) {
            double c = Integer.parseInt(hex.substring(1 + 2 * i, 3 + 2 * i), 16) / 255.0;
            sum += weight[i] * (c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4));
        }
        return sum;
    }

    @Test
    void theColoursOfNumbersAreThoseOfTheSymbols() throws IOException {
        Map<String, String> palette = new HashMap<>();
        Matcher colours = COLOUR.matcher(Files.readString(Path.of("../library/symbols/draw.mjs")));
        while (colours.find()) {
            palette.put(colours.group(1), colours.group(2));
        }
        assertThat(palette).hasSizeGreaterThan(20);
        for (NumberDrawing.Colour colour : NumberDrawing.Colour.values()) {
            assertThat(palette).containsEntry(colour.name().toLowerCase(Locale.ROOT), colour.hex());
            assertThat(colour.dark()).as(colour.name()).isEqualTo(luminance(colour.hex()) < 0.4);
        }
    }
}
