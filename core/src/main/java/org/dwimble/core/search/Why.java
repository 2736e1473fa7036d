package org.dwimble.core.search;

/** Why a picture was found, best first: the order is the ranking. */
public enum Why {
    CHOSEN_BEFORE("chosen before"),
    IS_CALLED("this word"),
    ALSO_CALLED("also called so"),
    FORM("a form of %s"),
    IS_ANOTHER_WORD_FOR("another word for %s"),
    STARTS("starts so"),
    HAS_WORD("has the word"),
    MEANS_SAME("much like %s"),
    RELATED("has to do with it"),
    A_KIND_OF("a kind of %s"),
    OTHER_LANGUAGE("%s"),
    WORD_STARTS("has a word that starts so"),
    RELATED_STARTS("has to do with %s"),
    ENDS("ends so"),
    INSIDE("has it inside"),
    SPELT_ALIKE("spelt like %s"),
    IN_CATEGORY("among %s");

    private final String words;

    Why(String words) {
        this.words = words;
    }

    /** In a word or two. @param other the word it was found by, where that is not the one typed */
    public String words(String other) {
        return words.formatted(other);
    }

    /** True if a typed word may get the picture by itself. */
    public boolean sure() {
        return compareTo(IS_ANOTHER_WORD_FOR) <= 0;
    }
}
