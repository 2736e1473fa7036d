package org.dwimble.server.account;

import java.util.List;
import org.springframework.security.authentication.AbstractAuthenticationToken;

/** The signed-in person of a session. */
public final class Person extends AbstractAuthenticationToken {
    private static final long serialVersionUID = 1;
    private final transient Account account;

    Person(Account account) {
        super(List.of());
        this.account = account;
        setAuthenticated(true);
    }

    @Override
    public Object getCredentials() {
        return "";
    }

    @Override
    public Account getPrincipal() {
        return account;
    }
}
