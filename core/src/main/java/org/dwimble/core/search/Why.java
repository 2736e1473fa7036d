package org.dwimble.core.search;

import org.dwimble.core.told.Told;

/** Why a picture was found, best first: the order is the ranking. */
public enum Why {
    CHOSEN_BEFORE("found-chosen-before"),
    AS_ON_THE_BOARD("found-as-on-the-board"),
    IS_CALLED("found-is-called"),
    THE_SIGN("found-the-sign"),
    ALSO_CALLED("found-also-called"),
    FORM("found-form"),
    IS_ANOTHER_WORD_FOR("found-is-another-word-for"),
    COMPOUND("found-a-kind-of"),
    PIECE_OF_MONEY("found-piece-of-money"),
    STARTS("found-starts"),
    HAS_WORD("found-has-word"),
    MEANS_SAME("found-means-same"),
    OPPOSITE("found-opposite"),
    RELATED("found-related"),
    A_KIND_OF("found-a-kind-of"),
    OTHER_LANGUAGE("found-other-language"),
    SPELT_ALIKE("found-spelt-alike"),
    PART("found-part"),
    WORD_STARTS("found-word-starts"),
    RELATED_STARTS("found-related-starts"),
    ENDS("found-ends"),
    INSIDE("found-inside"),
    IN_CATEGORY("found-in-category");

    private final String key;

    Why(String key) {
        this.key = key;
    }

    /** Put into a word or two by the edge. @param by the word it was found by, where that is not the one typed */
    Told told(String by) {
        return Told.of(key, "by", by);
    }

    /** True if a typed word may get the picture by itself. */
    public boolean sure() {
        return compareTo(COMPOUND) <= 0;
    }
}
