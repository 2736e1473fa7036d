package org.dwimble.core.board;

import java.util.regex.Pattern;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;

/**
 * How boards refer to pictures and sounds: {@code core/...}, {@code base/...} and {@code wide/...} name a picture of
 * the library, {@code effect/...} a sound effect that ships, {@code own/} and 64 digits what a school or a package brought, by the SHA-256 of its bytes.
 */
public final class MediaId {
    private static final String OWN = "own/";
    private static final Pattern LIBRARY = Pattern.compile("(?:" + String.join("|", PictureSets.ALL) + ")/[a-z0-9-]{1,100}");
    private static final String EFFECTS = "effect/";
    private static final Pattern EFFECT = Pattern.compile(EFFECTS + "[a-z0-9-]{1,100}");
    private static final Pattern BY_CONTENT = Pattern.compile(OWN + "[0-9a-f]{64}");

    private MediaId() {
    }

    /** The id itself. @throws Unacceptable if it is none */
    public static String picture(String id) {
        return checked(id, "unknown-picture");
    }

    /** The id itself. @throws Unacceptable if it is none */
    public static String sound(String id) {
        return id != null && isEffect(id) ? id : checked(id, "unknown-sound");
    }

    public static boolean isEffect(String id) {
        return EFFECT.matcher(id).matches();
    }

    /** What an effect is called within its set. */
    public static String effect(String id) {
        return id.substring(EFFECTS.length());
    }

    public static boolean isLibrary(String id) {
        return LIBRARY.matcher(id).matches();
    }

    public static boolean isOwn(String id) {
        return BY_CONTENT.matcher(id).matches();
    }

    public static String ofContent(String hash) {
        return OWN + hash;
    }

    /** The hash of an own picture or sound. */
    public static String hash(String own) {
        return own.substring(OWN.length());
    }

    private static String checked(String id, String refusal) {
        if (id == null || !isLibrary(id) && !isOwn(id)) {
            throw new Unacceptable(refusal, "id", Text.cut(id == null ? "" : id, 40));
        }
        return id;
    }
}
