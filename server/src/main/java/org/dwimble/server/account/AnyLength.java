package org.dwimble.server.account;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Base64;
import org.jspecify.annotations.Nullable;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;

/** bcrypt of the SHA-256 of a password, in Base64: bcrypt alone takes no more than 72 bytes, which are 18 letters of some scripts. */
final class AnyLength implements PasswordEncoder {
    private final PasswordEncoder bcrypt;

    /** @param cost binary logarithm of how often it is hashed, 4 to 31 */
    AnyLength(int cost) {
        bcrypt = new BCryptPasswordEncoder(cost);
    }

    @Override
    public @Nullable String encode(@Nullable CharSequence password) {
        return password == null ? null : bcrypt.encode(hashed(password));
    }

    @Override
    public boolean matches(@Nullable CharSequence password, @Nullable String encoded) {
        return password != null && bcrypt.matches(hashed(password), encoded);
    }

    private static String hashed(CharSequence password) {
        try {
            return Base64.getEncoder().encodeToString(MessageDigest.getInstance("SHA-256").digest(password.toString().getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
