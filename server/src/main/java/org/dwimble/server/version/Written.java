package org.dwimble.server.version;

import java.util.Collection;
import java.util.Set;
import java.util.TreeSet;
import org.dwimble.core.board.ContentHash;
import org.dwimble.core.board.MediaId;

/**
 * A document as it will be kept: worked out before the write lock is needed, on as many cores as there are.
 *
 * @param document its id among those of its thing
 * @param ownMedia hashes of the pictures and sounds in it that are not the library's
 * @param someGone true if the bytes of some may have gone long ago, and it is kept all the same; else it is refused with them
 */
public record Written(String document, Object content, byte[] json, byte[] hash, Set<String> ownMedia, boolean someGone) {
    /** The id of the document of the whole. */
    public static final String WHOLE = "";

    /** @param media every picture and sound in it */
    public static Written of(String document, Object content, byte[] json, Collection<String> media) {
        Set<String> own = new TreeSet<>();
        media.stream().filter(MediaId::isOwn).forEach(id -> own.add(MediaId.hash(id)));
        return new Written(document, content, json, ContentHash.of(json), own, false);
    }

    /** The same where earlier releases did not keep every picture that is named. */
    public Written withSomeGone() {
        return new Written(document, content, json, hash, ownMedia, true);
    }
}
