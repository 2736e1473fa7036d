package org.dwimble.core.picture;

/** The two ways every picture is drawn: in colour, or in ink alone for low vision and for saving ink. */
public enum Look {
    COLOUR, CONTRAST
}
