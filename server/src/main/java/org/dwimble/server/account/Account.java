package org.dwimble.server.account;

/**
 * Somebody who can sign in.
 *
 * @param work  what he or she is here, such as "speech therapist"
 * @param admin may make accounts for others
 */
public record Account(long id, String signIn, String name, String work, boolean admin) {
}
