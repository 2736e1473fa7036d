package org.dwimble.core.look;

/** One thing about a look. Those {@link #ofOneButton} can differ from button to button; the others are a board's. */
public enum Aspect {
    FILL(true), BORDER(true), EDGE(true), LABEL(true), PICTURE(true), CORNER(true), TYPE(false), GAP(false), BACKGROUND(false), BY_KIND(false);

    private final boolean ofOneButton;

    Aspect(boolean ofOneButton) {
        this.ofOneButton = ofOneButton;
    }

    public boolean ofOneButton() {
        return ofOneButton;
    }
}
