package org.dwimble.core.sheet;

import org.dwimble.core.measure.Length;

/** Letters to lay sheets in without a typeface: every one half an em wide; no emoji. */
public final class PlainType implements Type {
    public static final Type PLAIN = new PlainType();

    private PlainType() {
    }

    @Override
    public Length width(String text, Length size) {
        return size.times(0.5 * text.length());
    }

    @Override
    public boolean has(String text) {
        return text.chars().allMatch(c -> c < 0x2100);
    }
}
