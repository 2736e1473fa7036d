package org.dwimble.server.account;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;
import org.springframework.security.crypto.password.PasswordEncoder;

/**
 * Passwords hashed 64 times fewer than in earnest: each test makes accounts and signs them in, which took half of the server's work in the suite. Not
 * found by itself, so that what is measured goes without.
 */
public class QuickPasswords {
    @Bean
    @Primary
    PasswordEncoder quick() {
        return Security.passwords(4);
    }
}
