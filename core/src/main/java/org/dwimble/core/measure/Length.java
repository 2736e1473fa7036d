package org.dwimble.core.measure;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;

/**
 * A length in whole micrometres; may be negative, as an offset. The one home of conversion: an inch is
 * 25.4 mm exactly, a point 1/72 inch. Rounding is to the nearest micrometre, exact halves up (towards
 * positive), everywhere.
 */
public record Length(@JsonValue long micrometres) implements Comparable<Length> {
    public static final Length ZERO = new Length(0);
    private static final double PER_INCH = 25_400;

    @JsonCreator
    public Length {
    }

    public static Length mm(double millimetres) {
        return rounded(millimetres * 1000);
    }

    public static Length inches(double inches) {
        return rounded(inches * PER_INCH);
    }

    public static Length points(double points) {
        return rounded(points * PER_INCH / 72);
    }

    private static Length rounded(double micrometres) {
        return new Length((long) Math.floor(micrometres + 0.5));
    }

    public double mm() {
        return micrometres / 1000.0;
    }

    public double points() {
        return micrometres * 72 / PER_INCH;
    }

    public Length plus(Length other) {
        return new Length(Math.addExact(micrometres, other.micrometres));
    }

    public Length minus(Length other) {
        return new Length(Math.subtractExact(micrometres, other.micrometres));
    }

    public Length times(double factor) {
        return rounded(micrometres * factor);
    }

    /** One of equal parts, rounded down, so that together they never exceed the whole. */
    public Length part(int parts) {
        return new Length(Math.floorDiv(micrometres, parts));
    }

    public double dividedBy(Length other) {
        return (double) micrometres / other.micrometres;
    }

    public static Length smaller(Length a, Length b) {
        return a.compareTo(b) <= 0 ? a : b;
    }

    @Override
    public int compareTo(Length other) {
        return Long.compare(micrometres, other.micrometres);
    }
}
