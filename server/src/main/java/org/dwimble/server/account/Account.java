package org.dwimble.server.account;

import org.dwimble.server.grant.Somebody;

/**
 * Somebody who can sign in.
 *
 * @param work  what he or she is here, such as "speech therapist"
 * @param admin looks after the accounts of others, and after Dwimble
 */
public record Account(long id, String signIn, String name, String work, boolean admin) implements Somebody {
}
