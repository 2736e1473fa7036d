package org.dwimble.server.account;

/**
 * A kind of thing that streams and results of work show: whether somebody may see it is asked again each time, as a right may have been
 * taken away since. Asked by {@link Sees}.
 */
public interface Seen {
    /** In what a job needs, before the colon. */
    String kind();

    boolean may(String id, Account account);
}
