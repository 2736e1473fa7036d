package org.dwimble.core.measure;

/** A rectangle on a page, x to the right and y down from the top left corner. Width and height are never negative. */
public record Rect(Length x, Length y, Length width, Length height) {
    public Rect {
        if (width.micrometres() < 0 || height.micrometres() < 0) {
            throw new IllegalArgumentException("A rectangle cannot be " + width.mm() + " x " + height.mm() + " mm");
        }
    }

    public Length right() {
        return x.plus(width);
    }

    public Length bottom() {
        return y.plus(height);
    }

    /** Smaller by the same length on each side; at least a point in the middle. */
    public Rect inset(Length by) {
        Length dx = Length.smaller(by, width.times(0.5));
        Length dy = Length.smaller(by, height.times(0.5));
        Length w = width.minus(dx.times(2));
        Length h = height.minus(dy.times(2));
        return new Rect(x.plus(dx), y.plus(dy), w.micrometres() < 0 ? Length.ZERO : w, h.micrometres() < 0 ? Length.ZERO : h);
    }
}
