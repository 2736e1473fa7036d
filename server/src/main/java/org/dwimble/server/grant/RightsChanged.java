package org.dwimble.server.grant;

/** Somebody may see less, or more, than before: told to whatever goes on showing something, at once. */
public record RightsChanged() {
}
