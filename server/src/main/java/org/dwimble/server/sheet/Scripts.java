package org.dwimble.server.sheet;

import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.Shape;
import java.awt.font.FontRenderContext;
import java.awt.font.GlyphVector;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.text.Bidi;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Text in scripts that the typeface of boards has not, or that must be shaped and ordered: by the JDK's own text layout, run by run in
 * the order in which they are seen (Unicode Bidirectional Algorithm, UAX 9), each in a typeface that has it.
 */
final class Scripts {
    /** Outlines are made at this size, in units of the em, and scaled. */
    private static final float EM = 1000;
    private static final List<String> FILES = List.of("Andika_400Regular", "NotoSansArabic_400Regular", "NotoSansHebrew_400Regular", "NotoSansSC_400Regular");
    private static final FontRenderContext EXACT = new FontRenderContext(null, true, true);
    private final Map<String, Font> read = new LinkedHashMap<>();

    /** Typefaces are read when the first text asks for them. */
    private synchronized Font font(String file) {
        return read.computeIfAbsent(file, name -> {
            try (InputStream in = Scripts.class.getResourceAsStream("/fonts/" + name + ".ttf")) {
                if (in == null) {
                    throw new IllegalStateException("The typeface " + name + " is not built. Build the web module first.");
                }
                return Font.createFont(Font.TRUETYPE_FONT, in).deriveFont(EM);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            } catch (FontFormatException e) {
                throw new IllegalStateException(e);
            }
        });
    }

    /** The first typeface that has a character. */
    private Optional<Font> fontOf(int character) {
        return FILES.stream().map(this::font).filter(f -> f.canDisplay(character)).findFirst();
    }

    boolean has(int character) {
        return fontOf(character).isPresent();
    }

    /** In ems. */
    double width(String text) {
        return runs(text).stream().mapToDouble(r -> r.getLogicalBounds().getWidth()).sum() / EM;
    }

    /** Glyphs from left to right as they are seen. */
    private List<GlyphVector> runs(String text) {
        Bidi bidi = new Bidi(text, Bidi.DIRECTION_DEFAULT_LEFT_TO_RIGHT);
        int count = bidi.getRunCount();
        byte[] levels = new byte[count];
        Integer[] order = new Integer[count];
        for (int i = 0; i < count; i++) {
            levels[i] = (byte) bidi.getRunLevel(i);
            order[i] = i;
        }
        Bidi.reorderVisually(levels, 0, order, 0, count);
        List<GlyphVector> all = new ArrayList<>();
        for (int i : order) {
            boolean toLeft = bidi.getRunLevel(i) % 2 == 1;
            List<GlyphVector> run = inFonts(text.substring(bidi.getRunStart(i), bidi.getRunLimit(i)), toLeft);
            for (int r = 0; r < run.size(); r++) {
                all.add(run.get(toLeft ? run.size() - 1 - r : r));
            }
        }
        return all;
    }

    /** A run parted where the typeface changes; spaces and marks stay in the one before. */
    private List<GlyphVector> inFonts(String run, boolean toLeft) {
        List<GlyphVector> parts = new ArrayList<>();
        int start = 0;
        Font now = null;
        for (int i = 0; i < run.length(); i += Character.charCount(run.codePointAt(i))) {
            int c = run.codePointAt(i);
            boolean stays = now != null && (Character.isWhitespace(c) || now.canDisplay(c));
            Font next = stays ? now : fontOf(c).orElse(font(FILES.get(0)));
            if (now != null && next != now) {
                parts.add(laid(run, start, i, now, toLeft));
                start = i;
            }
            now = next;
        }
        if (now != null) {
            parts.add(laid(run, start, run.length(), now, toLeft));
        }
        return parts;
    }

    private static GlyphVector laid(String run, int start, int end, Font font, boolean toLeft) {
        char[] letters = run.toCharArray();
        return font.layoutGlyphVector(EXACT, letters, start, end, toLeft ? Font.LAYOUT_RIGHT_TO_LEFT : Font.LAYOUT_LEFT_TO_RIGHT);
    }

    /** One em is this many units of what is drawn. @return with its start at x and its baseline at y */
    Shape outline(String text, double x, double y, double em) {
        Path2D all = new Path2D.Double(Path2D.WIND_NON_ZERO);
        double at = 0;
        for (GlyphVector run : runs(text)) {
            AffineTransform to = AffineTransform.getTranslateInstance(x, y);
            to.scale(em / EM, em / EM);
            to.translate(at, 0);
            all.append(to.createTransformedShape(run.getOutline()), false);
            at += run.getLogicalBounds().getWidth();
        }
        return all;
    }

    /** As SVG writes it, rounded to whole units. */
    static String path(Shape shape) {
        StringBuilder path = new StringBuilder();
        double[] at = new double[6];
        for (PathIterator i = shape.getPathIterator(null); !i.isDone(); i.next()) {
            int kind = i.currentSegment(at);
            path.append("MLQCZ".charAt(kind));
            int numbers = new int[] {2, 2, 4, 6, 0}[kind];
            for (int n = 0; n < numbers; n++) {
                path.append(n == 0 ? "" : " ").append(Math.round(at[n]));
            }
        }
        return path.toString();
    }
}
