package org.dwimble.core.sheet;

import org.dwimble.core.measure.Length;

/** Paper sizes: ISO 216 A4, and ANSI Letter of 8.5 x 11 inches. Sizes are given standing up. */
public enum Paper {
    A4(Length.mm(210), Length.mm(297)),
    LETTER(Length.inches(8.5), Length.inches(11));

    private final Length width;
    private final Length height;

    Paper(Length width, Length height) {
        this.width = width;
        this.height = height;
    }

    public Length width(boolean lyingDown) {
        return lyingDown ? height : width;
    }

    public Length height(boolean lyingDown) {
        return lyingDown ? width : height;
    }
}
