package org.dwimble.core.credit;

import java.util.ArrayList;
import java.util.List;
import org.dwimble.core.board.PictureSets;
import org.dwimble.core.picture.OwnPicture;
import org.dwimble.core.told.Told;
import org.jspecify.annotations.Nullable;

/**
 * Where pictures come from and under what they may be used.
 *
 * @param source  what the set is called, or what is known of a single picture
 * @param author  who made them; may be empty
 * @param licence its short name, or how it may be used; null for a school's own photos
 * @param onPaper true if the licence asks to be named wherever the picture is shown or printed
 */
public record Credit(Told source, String author, @Nullable Told licence, boolean onPaper) {
    public static final Credit CORE = new Credit(Told.of("credit-own-symbols"), "Dwimble", written("Apache-2.0"), false);
    public static final Credit BASE = new Credit(written("Fluent Emoji"), "Microsoft", written("MIT"), true);
    public static final Credit MIXED = new Credit(Told.of("credit-mixed-symbols"), "Dwimble, Microsoft", written("Apache-2.0, MIT"), true);
    public static final Credit WIDE = new Credit(written("Twemoji"), "Twitter and others", written("CC BY 4.0"), true);
    public static final Credit UNKNOWN = new Credit(Told.of("credit-package"), "", null, false);

    /** What somebody wrote, and what is called the same everywhere. */
    public static Told written(String text) {
        return Told.of("as-written", "text", text);
    }

    /** Of a library picture, by the set its id begins with. */
    public static Credit ofLibrary(String id) {
        return switch (id.substring(0, id.indexOf('/'))) {
            case PictureSets.CORE, PictureSets.NUMBER -> CORE;
            case PictureSets.MIXED -> MIXED;
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
            case OWN_PHOTO -> new Credit(source.isEmpty() ? Told.of("credit-own-photos") : written(source), author, null, false);
            case PERMISSION -> new Credit(source.isEmpty() ? Told.of("credit-by-permission") : written(source), author, Told.of("licence-by-permission"),
                !author.isEmpty());
            case LICENCE -> new Credit(written(source.isEmpty() ? name : source), author, written(licence), !licence.matches("(?i)CC0.*|public domain.*"));
        };
    }

    /** As it is printed: "Fluent Emoji, Microsoft, MIT". */
    public Told line() {
        List<Object> parts = new ArrayList<>(List.of(source));
        if (!author.isEmpty() && !source.equals(written(author))) {
            parts.add(author);
        }
        if (licence != null) {
            parts.add(licence);
        }
        return Told.of("credit", "parts", parts);
    }
}
