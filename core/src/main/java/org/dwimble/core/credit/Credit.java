package org.dwimble.core.credit;

import org.dwimble.core.board.PictureSets;
import org.dwimble.core.picture.OwnPicture;

/**
 * Where pictures come from and under what they may be used.
 *
 * @param source  the name of the set, or what is known of a single picture
 * @param author  who made them; may be empty
 * @param licence short name; empty for a school's own photos
 * @param onPaper true if the licence asks to be named wherever the picture is shown or printed
 */
public record Credit(String source, String author, String licence, boolean onPaper) {
    public static final Credit CORE = new Credit("Dwimble’s own symbols", "Dwimble", "Apache-2.0", false);
    public static final Credit BASE = new Credit("Fluent Emoji", "Microsoft", "MIT", true);
    public static final Credit WIDE = new Credit("Twemoji", "Twitter and others", "CC BY 4.0", true);
    public static final Credit UNKNOWN = new Credit("brought in with a package", "", "", false);

    /** Of a library picture, by the set its id begins with. */
    public static Credit ofLibrary(String id) {
        return switch (id.substring(0, id.indexOf('/'))) {
            case PictureSets.CORE -> CORE;
            case PictureSets.BASE -> BASE;
            case PictureSets.WIDE -> WIDE;
            default -> throw new IllegalArgumentException("“" + id + "” is not a picture of the library");
        };
    }

    /** Of a picture the school has taken in. Only licensed ones ask to be named on paper. */
    public static Credit of(OwnPicture own) {
        return of(own.origin(), own.words().get(0), own.author(), own.licence(), own.source());
    }

    /** @param name what stands for the source of a licensed one that has none; the others as in {@link OwnPicture} */
    public static Credit of(OwnPicture.Origin origin, String name, String author, String licence, String source) {
        return switch (origin) {
            case OWN_PHOTO -> new Credit(source.isEmpty() ? "own photos of the school" : source, author, "", false);
            case PERMISSION -> new Credit(source.isEmpty() ? "used by permission" : source, author, "by permission", !author.isEmpty());
            case LICENCE -> new Credit(source.isEmpty() ? name : source, author, licence, !licence.matches("(?i)CC0.*|public domain.*"));
        };
    }

    /** As it is printed: "Fluent Emoji, Microsoft, MIT". */
    public String line() {
        StringBuilder line = new StringBuilder(source);
        if (!author.isEmpty() && !author.equals(source)) {
            line.append(", ").append(author);
        }
        if (!licence.isEmpty()) {
            line.append(", ").append(licence);
        }
        return line.toString();
    }
}
