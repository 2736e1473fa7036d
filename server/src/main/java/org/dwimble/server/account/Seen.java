package org.dwimble.server.account;


/**
 * A kind of thing a result shows: whether somebody may see it is asked again whenever the result is fetched, as a right may have been
 * taken away since the work was begun.
 */
public interface Seen {
    /** In what a job needs, before the colon. */
    String kind();

    boolean may(String id, Account account);
}
