package org.dwimble.core.number;

import java.util.List;
import java.util.Locale;
/**
 * The drawings, in the hand of the library's own symbols: a box of 32 by 32 units, flat shapes, digits as lines of one
 * width with round ends. In black on white what is dark is ink with a white edge, what is light is white with an ink
 * edge. There is no writing in them but numerals, which are drawn.
 */
public final class NumberDrawing {
    private static final List<String> DIGITS = List.of("M5 1C1.5 1 1 4.5 1 8s.5 7 4 7 4-3.5 4-7-.5-7-4-7Z", "M2.2 4.200L5.8 1V15",
        "M1.5 4.600C1.5 2.5 3 1 5 1s3.5 1.5 3.5 3.500C8.5 8 1.5 10.5 1.5 15H8.8",
        "M1.5 3C2.3 1.7 3.5 1 5 1c2 0 3.4 1.3 3.4 3.200S7 7.6 4.4 7.600C7 7.6 8.8 9 8.8 11.300S7 15 5 15c-1.7 0-3-.8-3.8-2.2",
        "M6.8 15V1L1 10.800H9", "M8.2 1H2.600L2 7.200C2.8 6.5 3.8 6.1 5 6.100c2.4 0 4 1.8 4 4.400S7.3 15 4.9 15c-1.6 0-2.9-.7-3.7-1.9",
        "M8 2.600C7.2 1.6 6.2 1 5 1 2.4 1 1 4 1 8.6 1 12.6 2.4 15 5 15c2.2 0 3.9-1.8 3.9-4.300S7.2 6.4 5 6.4 1.3 8 1.1 10", "M1 1H9L4 15",
        "M5 7.400C3.2 7.4 2 6.1 2 4.200S3.2 1 5 1s3 1.3 3 3.200S6.8 7.4 5 7.400C2.7 7.4 1 9 1 11.200S2.7 15 5 15s4-1.6 4-3.800S7.3 7.4 5 7.400Z",
        "M2 13.400C2.8 14.4 3.8 15 5 15 7.6 15 9 12 9 7.4 9 3.4 7.6 1 5 1 2.8 1 1.1 2.8 1.1 5.300S2.8 9.6 5 9.6 8.7 8 8.9 6");
    /** A digit's box, with the room to the next. */
    private static final double DIGIT = 11;
    private static final double HEIGHT = 16;
    private static final double BOX = 32;
    private static final String INK = "#212121";
    private static final double EDGE = 0.9;

    enum Colour {
        INK("#1c1c1c", true), NAVY("#433b6b", true), ORANGE("#ff6723", true), RED("#f8312f", true), BLUE("#0074ba", true), SKY("#00a6ed", true),
        GREEN("#00a35c", true), BROWN("#a56953", true), AMBER("#f9c23c", false), YELLOW("#fcd53f", false), ROSE("#ffa3c4", false), WATER("#6fd3ff", false),
        CREAM("#fff4d6", false), PALE("#e6e6e6", false), LIGHT("#d3d3d3", false), WHITE("#ffffff", false), GREY("#9b9b9b", true), GRASS("#86d36b", false);

        private final String hex;
        private final boolean dark;

        Colour(String hex, boolean dark) {
            this.hex = hex;
            this.dark = dark;
        }

        String hex() {
            return hex;
        }

        boolean dark() {
            return dark;
        }
    }

    private final boolean contrast;
    private final StringBuilder svg = new StringBuilder();

    private NumberDrawing(boolean contrast) {
        this.contrast = contrast;
    }

    /** As SVG, 32 by 32. @param contrast in black on white */
    public static String svg(Numbered numbered, boolean contrast) {
        NumberDrawing drawing = new NumberDrawing(contrast);
        drawing.draw(numbered);
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 32 32\" width=\"32\" height=\"32\">" + drawing.svg + "</svg>";
    }

    private void draw(Numbered n) {
        switch (n.sort()) {
            case COUNT -> numeral(n.value(), 16, 16, 30, 26, Colour.NAVY);
            case DOTS -> dots(n.value());
            case ORDINAL -> ordinal(n.value());
            case SHARE -> share(n.value(), Integer.parseInt(n.unit()));
            case MONEY -> money(Coins.pieces(n));
            case CLOCK -> clock(n.value());
            case MONTH -> month(n.value());
            case AGE -> age(n.value());
            case SIZE -> size(n.value());
        }
    }

    /** As in a ten frame: rows of five, a gap after ten, so that seven is seen and not counted. */
    private void dots(int n) {
        for (int row = 0; row < 4; row++) {
            if (row < 2 || n > 10) {
                for (int i = 0; i < 5; i++) {
                    boolean there = row * 5 + i < n;
                    circle(4.4 + i * 5.8, (n > 10 ? 4.6 : 12) + row * 7 + (row > 1 ? 2 : 0), 2.5, there ? row > 1 ? Colour.ORANGE : Colour.BLUE : Colour.PALE);
                }
            }
        }
    }

    /** A flag with the numeral at its place on a step. */
    private void ordinal(int n) {
        rect(3, 25, 26, 5, Colour.LIGHT, 1);
        rect(11, 21, 10, 9, Colour.ORANGE, 1);
        circle(16, 11, 10.4, Colour.AMBER);
        circle(16, 11, 8.6, Colour.CREAM);
        numeral(n, 16, 11, 13, 10.6, Colour.NAVY);
    }

    private void share(int some, int parts) {
        for (int i = 0; i < parts; i++) {
            double from = 2 * Math.PI * i / parts - Math.PI / 2;
            double to = 2 * Math.PI * (i + 1) / parts - Math.PI / 2;
            String slice = "M16 16L" + at(16 + 13.4 * Math.cos(from)) + " " + at(16 + 13.4 * Math.sin(from)) + "A13.4 13.4 0 0 1 "
                + at(16 + 13.4 * Math.cos(to)) + " "
                + at(16 + 13.4 * Math.sin(to)) + "Z";
            path(slice, i < some ? Colour.ORANGE : Colour.PALE);
        }
        for (int i = 0; i < parts; i++) {
            double a = 2 * Math.PI * i / parts - Math.PI / 2;
            line("M16 16L" + at(16 + 13.8 * Math.cos(a)) + " " + at(16 + 13.8 * Math.sin(a)), Colour.INK, 0.9);
        }
    }

    private void money(List<Coins.Piece> pieces) {
        int columns = pieces.size() <= 1 ? 1 : pieces.size() <= 4 ? 2 : 3;
        int rows = (pieces.size() + columns - 1) / columns;
        double cell = Math.min(BOX / columns, BOX / rows);
        for (int i = 0; i < pieces.size(); i++) {
            int inRow = i / columns == rows - 1 && pieces.size() % columns != 0 ? pieces.size() % columns : columns;
            double x = 16 + (i % columns - (inRow - 1) / 2.0) * cell;
            double y = 16 + (i / columns - (rows - 1) / 2.0) * cell;
            piece(pieces.get(i), x, y, cell * 0.46);
        }
    }

    private void piece(Coins.Piece piece, double x, double y, double r) {
        String numeral = Coins.numeral(piece.value());
        if (piece.note()) {
            rect(x - r, y - r * 0.62, r * 2, r * 1.24, Colour.GRASS, r * 0.12);
            rect(x - r * 0.86, y - r * 0.48, r * 1.72, r * 0.96, Colour.CREAM, r * 0.08);
            numeral(Integer.parseInt(numeral), x, y, r * 1.2, r * 0.7, Colour.NAVY);
        } else {
            boolean copper = Coins.small(piece) && piece.value() < 10;
            circle(x, y, r, copper ? Colour.BROWN : Coins.small(piece) ? Colour.GREY : Colour.AMBER);
            circle(x, y, r * 0.8, copper ? Colour.CREAM : Coins.small(piece) ? Colour.PALE : Colour.YELLOW);
            numeral(Integer.parseInt(numeral), x, y, r * 1.1, r * 0.9, Colour.NAVY);
        }
    }

    private void clock(int minutes) {
        circle(16, 16, 14.6, Colour.NAVY);
        circle(16, 16, 12.4, Colour.WHITE);
        for (int h = 0; h < 12; h++) {
            double a = Math.PI * h / 6;
            double from = h % 3 == 0 ? 9.4 : 10.4;
            line("M" + at(16 + from * Math.sin(a)) + " " + at(16 - from * Math.cos(a)) + "L" + at(16 + 11.4 * Math.sin(a)) + " " + at(16 - 11.4 * Math.cos(a)),
                Colour.INK,
                h % 3 == 0 ? 1.3 : 0.8);
        }
        hand(minutes / 360.0 * Math.PI, 6, 2.4, Colour.INK);
        hand(minutes % 60 / 30.0 * Math.PI, 9, 1.7, Colour.ORANGE);
        circle(16, 16, 1.5, Colour.INK);
    }

    private void hand(double angle, double length, double width, Colour colour) {
        line("M16 16L" + at(16 + length * Math.sin(angle)) + " " + at(16 - length * Math.cos(angle)), colour, width);
    }

    /** A page of the calendar in the colour of its season, and the year as twelve squares, this one lit. */
    private void month(int month) {
        Colour season = month == 12 || month < 3 ? Colour.WATER : month < 6 ? Colour.ROSE : month < 9 ? Colour.GRASS : Colour.ORANGE;
        rect(2, 3, 28, 27, Colour.LIGHT, 2);
        rect(3, 4, 26, 25, Colour.WHITE, 1.4);
        rect(2, 3, 28, 6.6, season, 2);
        circle(9, 3.6, 1.4, Colour.INK);
        circle(23, 3.6, 1.4, Colour.INK);
        for (int i = 0; i < 12; i++) {
            rect(5 + i % 4 * 5.8, 11.6 + Math.floor(i / 4.0) * 5.8, 4.6, 4.6, i == month - 1 ? Colour.RED : Colour.PALE, 0.8);
        }
    }

    /** A cake with the years on it. */
    private void age(int years) {
        rect(3, 18, 26, 11, Colour.AMBER, 2);
        rect(3, 16, 26, 5, Colour.CREAM, 2);
        rect(1, 28, 30, 2.4, Colour.LIGHT, 1);
        rect(14.8, 9, 2.4, 7, Colour.SKY, 0.6);
        path("M16 2q3 4 3 5.400a3 3 0 0 1 -6 0q0 -1.4 3 -5.400z", Colour.ORANGE);
        numeral(years, 16, 23.6, 18, 8.6, Colour.NAVY);
    }

    private void size(int size) {
        path("M11 3l-9 5l3 7l4 -1.600v15.600h14v-15.600l4 1.600l3 -7l-9 -5q-5 4 -10 0z", Colour.WATER);
        numeral(size, 16, 18, 11, 9, Colour.NAVY);
    }

    /** The digits, as large as they go into a box about a middle. */
    private void numeral(int n, double x, double y, double width, double height, Colour colour) {
        String digits = String.valueOf(n);
        double wide = digits.length() * DIGIT - 1;
        double scale = Math.min(width / wide, height / HEIGHT);
        double left = x - wide * scale / 2;
        double top = y - HEIGHT * scale / 2;
        for (int i = 0; i < digits.length(); i++) {
            group(left + i * DIGIT * scale, top, scale, DIGITS.get(digits.charAt(i) - '0'), colour);
        }
    }

    private void group(double x, double y, double scale, String d, Colour colour) {
        svg.append("<g transform=\"translate(").append(at(x)).append(' ').append(at(y)).append(") scale(").append(at(scale)).append(")\">");
        line(d, colour, 2.2);
        svg.append("</g>");
    }

    private void circle(double x, double y, double r, Colour colour) {
        svg.append("<circle cx=\"").append(at(x)).append("\" cy=\"").append(at(y)).append("\" r=\"").append(at(r)).append('"').append(fill(colour));
    }

    private void rect(double x, double y, double width, double height, Colour colour, double round) {
        svg.append("<rect x=\"").append(at(x)).append("\" y=\"").append(at(y)).append("\" width=\"").append(at(width)).append("\" height=\"").append(at(height))
            .append("\" rx=\"").append(at(round)).append('"').append(fill(colour));
    }

    private void path(String d, Colour colour) {
        svg.append("<path d=\"").append(d).append('"').append(fill(colour));
    }

    private String fill(Colour colour) {
        return !contrast ? " fill=\"" + colour.hex + "\"/>"
            : " fill=\"" + (colour.dark ? INK : "#fff") + "\" stroke=\"" + (colour.dark ? "#fff" : INK) + "\" stroke-width=\"" + EDGE
                + "\" stroke-linejoin=\"round\" paint-order=\"stroke\"/>";
    }

    private void line(String d, Colour colour, double width) {
        if (contrast && colour.dark) {
            stroke(d, "#fff", width + EDGE);
        }
        stroke(d, contrast ? colour.dark ? INK : "#fff" : colour.hex, width);
    }

    private void stroke(String d, String colour, double width) {
        svg.append("<path d=\"").append(d).append("\" fill=\"none\" stroke=\"").append(colour).append("\" stroke-width=\"").append(at(width))
            .append("\" stroke-linecap=\"round\" stroke-linejoin=\"round\"/>");
    }

    /** Two decimals at most, whatever the country writes. */
    private static String at(double v) {
        String text = String.format(Locale.ROOT, "%.2f", v);
        return text.replaceAll("\\.?0+$", "");
    }
}
