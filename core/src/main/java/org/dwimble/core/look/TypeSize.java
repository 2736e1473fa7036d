package org.dwimble.core.look;

/** How large labels are: each as large as its button allows, or all of a board as the one that allows least. */
public enum TypeSize {
    EACH, EQUAL
}
