package org.dwimble.server.grant;

/** Who asks: whoever is signed in. */
public interface Somebody {
    /** The number of the account. */
    long id();
}
