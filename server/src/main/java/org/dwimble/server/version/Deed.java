package org.dwimble.server.version;

/** What sort of version: a change, taking back one's own, making again what was taken back. */
public enum Deed {
    CHANGE, BACK, AGAIN
}
