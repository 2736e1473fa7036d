package org.dwimble.core.picture;

/** Skin tones of people in pictures: the unlike-anybody yellow, and the five of the Unicode standard (UTS #51). */
public enum Tone {
    YELLOW("", "#ffc83d", "#fcb100", Hair.BROWN),
    LIGHT("light", "#ffd7c2", "#f4c6ad", Hair.BLACK),
    MEDIUM_LIGHT("medium-light", "#eebfaa", "#e4b29a", Hair.FAIR),
    MEDIUM("medium", "#c68d7b", "#b87a66", Hair.BROWN),
    MEDIUM_DARK("medium-dark", "#966661", "#8b5c56", Hair.BLACK),
    DARK("dark", "#573739", "#452829", Hair.BLACK);

    private final String slug;
    private final String skin;
    private final String shade;
    private final Hair hair;

    Tone(String slug, String skin, String shade, Hair hair) {
        this.slug = slug;
        this.skin = skin;
        this.shade = shade;
        this.hair = hair;
    }

    /** As it stands in the names of drawings; empty for yellow. */
    public String slug() {
        return slug;
    }

    String skin() {
        return skin;
    }

    String shade() {
        return shade;
    }

    /** The hair people of this tone have in the base set, so that both sets agree. */
    Hair usualHair() {
        return hair;
    }
}
