package org.dwimble.core.look;

/** Where a button's label stands to its picture. One without a picture is all label, and shows it always. */
public enum LabelPlace {
    ABOVE, BELOW, BESIDE, NONE
}
