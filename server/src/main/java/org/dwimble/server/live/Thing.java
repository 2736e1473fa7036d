package org.dwimble.server.live;

/**
 * What can be open on several screens at once: a vocabulary, a word list.
 *
 * @param kind one of {@link org.dwimble.server.account.Seen}, which says who may have it open
 */
public record Thing(String kind, long id) {
    public static Thing vocabulary(long id) {
        return new Thing("vocabulary", id);
    }

    public static Thing list(long id) {
        return new Thing("list", id);
    }
}
