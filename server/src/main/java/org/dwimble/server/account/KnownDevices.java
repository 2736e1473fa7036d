package org.dwimble.server.account;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Component;

/**
 * Devices somebody has signed in on before, by a cookie: who guesses elsewhere does not keep this person out there. A mark is a chance
 * word and its HMAC-SHA256 under the account's password as it is kept, so that nobody else can make one, nothing has to be remembered,
 * and another password makes all marks of before worthless. It lets nobody in: it only says whose wrong guesses are counted apart.
 */
@Component
class KnownDevices {
    private static final String COOKIE = "dwimble-known";
    private static final Duration LASTS = Duration.ofDays(400);
    /** People on one device; who signed in longest ago is forgotten. */
    private static final int MOST = 12;
    private static final int WORD_BYTES = 12;
    private static final Base64.Encoder LETTERS = Base64.getUrlEncoder().withoutPadding();

    private final AccountStore accounts;
    private final SecureRandom chance = new SecureRandom();

    KnownDevices(AccountStore accounts) {
        this.accounts = accounts;
    }

    /** The mark by which this device is known to who signs in with a name; empty if it is not. */
    Optional<String> known(String signIn, HttpServletRequest request) {
        List<String> marks = marks(request);
        return marks.isEmpty() ? Optional.empty() : accounts.secret(signIn).flatMap(secret -> marks.stream().filter(mark -> isOf(mark, secret)).findFirst());
    }

    /** From now on this device is known to somebody. */
    void remember(Account account, HttpServletRequest request, HttpServletResponse response) {
        String secret = accounts.secret(account.signIn()).orElse("");
        List<String> marks = new ArrayList<>(marks(request).stream().filter(mark -> !isOf(mark, secret)).toList());
        byte[] word = new byte[WORD_BYTES];
        chance.nextBytes(word);
        String chosen = LETTERS.encodeToString(word);
        marks.add(0, chosen + "." + sealed(chosen, secret));
        response.addHeader(HttpHeaders.SET_COOKIE, ResponseCookie.from(COOKIE, String.join("~", marks.stream().limit(MOST).toList())).httpOnly(true)
            .secure(request.isSecure()).sameSite("Strict").path("/api/session").maxAge(LASTS).build().toString());
    }

    private static List<String> marks(HttpServletRequest request) {
        return Stream.ofNullable(request.getCookies()).flatMap(Stream::of).filter(c -> c.getName().equals(COOKIE)).map(Cookie::getValue)
            .flatMap(value -> Stream.of(value.split("~"))).filter(mark -> mark.matches("[\\w-]{1,40}\\.[\\w-]{1,60}")).limit(MOST).toList();
    }

    private static boolean isOf(String mark, String secret) {
        String word = mark.substring(0, mark.indexOf('.'));
        return MessageDigest.isEqual(sealed(word, secret).getBytes(StandardCharsets.UTF_8), mark.substring(word.length() + 1).getBytes(StandardCharsets.UTF_8));
    }

    private static String sealed(String word, String secret) {
        try {
            Mac mac = Mac.getInstance("HmacSHA256");
            mac.init(new SecretKeySpec(("device " + secret).getBytes(StandardCharsets.UTF_8), "HmacSHA256"));
            return LETTERS.encodeToString(mac.doFinal(word.getBytes(StandardCharsets.UTF_8)));
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException(e);
        }
    }
}
