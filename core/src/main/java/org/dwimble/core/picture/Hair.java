package org.dwimble.core.picture;

/** Hair of the people in Dwimble's own symbols. The base set has one colour of hair for each skin tone and keeps it. */
public enum Hair {
    /** Whatever goes with the skin tone in the base set. */
    USUAL(""),
    BLACK("#2d242d"), BROWN("#7d4533"), FAIR("#f1c24e"), RED("#c9502b"), GREY("#b4acbc");

    private final String colour;

    Hair(String colour) {
        this.colour = colour;
    }

    String colour() {
        return colour;
    }
}
