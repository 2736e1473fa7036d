package org.dwimble.server.account;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import java.util.function.Supplier;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.server.problem.Problem;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Making accounts: the first with the code printed where the server was started, the others by whoever has the first. */
@RestController
@RequestMapping("/api/accounts")
class AccountApi {
    private static final Logger LOG = LoggerFactory.getLogger(AccountApi.class);

    record NewAccount(String signIn, String name, String work, String password) {
    }

    record FirstAccount(String code, String signIn, String name, String work, String password) {
    }

    private final AccountStore accounts;
    private final SignInPatience patience;
    private final String code;

    AccountApi(AccountStore accounts, SignInPatience patience, Supplier<String> ids) {
        this.patience = patience;
        this.accounts = accounts;
        this.code = ids.get();
    }

    @EventListener
    void ready(ApplicationReadyEvent ready) {
        if (!accounts.any()) {
            LOG.info("Nobody has an account yet. Open the address in a browser and make the first one with this code: {}", code);
        }
    }

    @PostMapping("/first")
    Account first(@RequestBody FirstAccount first, HttpServletRequest request) {
        if (accounts.any()) {
            throw new Problem(HttpStatus.NOT_FOUND, "nothing-here");
        }
        SignInPatience.Guess guess = patience.begin("the first account", request.getRemoteAddr(), Optional.empty());
        if (!code.equals(first.code() == null ? "" : first.code().trim())) {
            throw new Unacceptable("wrong-code");
        }
        guess.wasRight();
        return accounts.create(first.signIn(), first.name(), first.work(), first.password(), true);
    }

    @PostMapping
    Account create(@AuthenticationPrincipal Account by, @RequestBody NewAccount account) {
        if (!by.admin()) {
            throw new Problem(HttpStatus.FORBIDDEN, "only-admin");
        }
        return accounts.create(account.signIn(), account.name(), account.work(), account.password(), false);
    }
}
