package org.dwimble.core.sheet;

import org.dwimble.core.measure.Length;

/** Paper sizes: A3, A4 and A5 of ISO 216, and ANSI Letter (8.5 x 11 inches), Legal (8.5 x 14) and Tabloid (11 x 17). Sizes are given standing up. */
public enum Paper {
    A4(Length.mm(210), Length.mm(297)),
    A3(Length.mm(297), Length.mm(420)),
    A5(Length.mm(148), Length.mm(210)),
    LETTER(Length.inches(8.5), Length.inches(11)),
    LEGAL(Length.inches(8.5), Length.inches(14)),
    TABLOID(Length.inches(11), Length.inches(17));

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
