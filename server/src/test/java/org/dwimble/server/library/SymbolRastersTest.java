package org.dwimble.server.library;

import static org.assertj.core.api.Assertions.assertThat;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.view.ViewBox;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.File;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;
import org.dwimble.core.picture.Appearance;
import org.dwimble.core.picture.Hair;
import org.dwimble.core.picture.Look;
import org.dwimble.core.picture.Tone;
import org.junit.jupiter.api.Test;

/**
 * One symbol of each rule of the hand, in colour, in black on white and with another skin, as it was when it was looked at.
 * After a rule was changed on purpose: look at the new sheet, which {@code -Ddwimble.write-rasters=1} writes, and keep it.
 */
class SymbolRastersTest {
    private static final List<String> ONE_OF_EACH_RULE = List.of("mixed/bakery", "mixed/museum", "mixed/airport", "mixed/park", "core/cloakroom", "mixed/attic",
        "mixed/plumber", "mixed/tail", "core/wrist", "core/wool", "mixed/melt", "mixed/grow", "core/lift", "mixed/alive", "core/biggest", "mixed/bitter",
        "core/borrow",
        "mixed/imagine", "mixed/explain", "core/morning", "core/ago", "core/kettle", "core/gull", "number/count-347", "number/dots-13", "number/ordinal-13",
        "number/share-4-3", "number/money-gbp-520", "number/clock-210", "number/month-3", "number/age-7", "number/size-5");
    private static final List<Appearance> LOOKS = List.of(Appearance.USUAL, new Appearance(Look.CONTRAST, Tone.YELLOW, Hair.USUAL),
        new Appearance(Look.COLOUR, Tone.DARK, Hair.USUAL));
    private static final int CELL = 64;
    /** Mean difference of a cell's channels, of 255: less than one thin line, more than two machines' ways of smoothing an edge. */
    private static final double ALIKE = 1.5;
    private static final String KEPT = "src/test/resources/org/dwimble/server/library/rules.png";

    @Test
    void everyRuleIsDrawnAsItWasLookedAt() throws IOException {
        BufferedImage now = sheet();
        if (System.getProperty("dwimble.write-rasters") != null) {
            ImageIO.write(now, "png", new File(KEPT));
        }
        BufferedImage kept = ImageIO.read(new File(KEPT));
        assertThat(kept.getWidth()).isEqualTo(now.getWidth());
        assertThat(kept.getHeight()).isEqualTo(now.getHeight());
        List<String> changed = new ArrayList<>();
        for (int i = 0; i < ONE_OF_EACH_RULE.size(); i++) {
            for (int look = 0; look < LOOKS.size(); look++) {
                double apart = apart(kept, now, look * CELL, i * CELL);
                if (apart > ALIKE) {
                    changed.add("%s as %s: %.1f".formatted(ONE_OF_EACH_RULE.get(i), LOOKS.get(look).slug(), apart));
                }
            }
        }
        assertThat(changed).isEmpty();
    }

    @Test
    void noTwoRulesLookAlikeAndNoneIsEmpty() throws IOException {
        BufferedImage now = sheet();
        BufferedImage white = new BufferedImage(now.getWidth(), now.getHeight(), BufferedImage.TYPE_INT_RGB);
        Graphics2D g = white.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, white.getWidth(), white.getHeight());
        g.dispose();
        for (int i = 0; i < ONE_OF_EACH_RULE.size(); i++) {
            for (int look = 0; look < 2; look++) {
                assertThat(apart(white, now, look * CELL, i * CELL)).as(ONE_OF_EACH_RULE.get(i)).isGreaterThan(4);
            }
        }
    }

    private static double apart(BufferedImage one, BufferedImage other, int left, int top) {
        long sum = 0;
        for (int y = top; y < top + CELL; y++) {
            for (int x = left; x < left + CELL; x++) {
                Color a = new Color(one.getRGB(x, y));
                Color b = new Color(other.getRGB(x, y));
                sum += Math.abs(a.getRed() - b.getRed()) + Math.abs(a.getGreen() - b.getGreen()) + Math.abs(a.getBlue() - b.getBlue());
            }
        }
        return sum / (3.0 * CELL * CELL);
    }

    private static BufferedImage sheet() {
        BufferedImage sheet = new BufferedImage(LOOKS.size() * CELL, ONE_OF_EACH_RULE.size() * CELL, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = sheet.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, sheet.getWidth(), sheet.getHeight());
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        for (int i = 0; i < ONE_OF_EACH_RULE.size(); i++) {
            for (int look = 0; look < LOOKS.size(); look++) {
                byte[] svg = Library.drawing(ONE_OF_EACH_RULE.get(i), LOOKS.get(look)).orElseThrow();
                SVGDocument drawing = new SVGLoader().load(new ByteArrayInputStream(svg), null, LoaderContext.createDefault());
                drawing.render(null, g, new ViewBox(look * CELL, i * CELL, CELL, CELL));
            }
        }
        g.dispose();
        return sheet;
    }
}
