package org.dwimble.server.account;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import org.dwimble.core.grant.Act;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.server.grant.For;
import org.dwimble.server.grant.ForAnybody;
import org.dwimble.server.grant.GrantTable;
import org.dwimble.server.problem.Problem;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Who can sign in, and making accounts: the first with the code printed where the server was started, the others by whoever has the first. */
@RestController
@RequestMapping("/api/accounts")
class AccountApi {
    private static final Logger LOG = LoggerFactory.getLogger(AccountApi.class);

    record NewAccount(String signIn, String name, String work, String password) {
    }

    record FirstAccount(String code, String signIn, String name, String work, String password) {
    }

    private final AccountStore accounts;
    private final GrantTable table;
    private final SignInPatience patience;
    private final String code;

    AccountApi(AccountStore accounts, GrantTable table, SignInPatience patience, Supplier<String> ids) {
        this.patience = patience;
        this.accounts = accounts;
        this.table = table;
        this.code = ids.get();
    }

    @EventListener
    void ready(ApplicationReadyEvent ready) {
        if (!accounts.any()) {
            LOG.info("Nobody has an account yet. Open the address in a browser and make the first one with this code: {}", code);
        }
    }

    @ForAnybody
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

    /** @param students how many he or she works with; nothing else is told of them */
    record AccountLine(Account account, int students) {
    }

    /** Everybody who can sign in, by name. */
    @For(Act.KEEP)
    @GetMapping
    List<AccountLine> accounts() {
        Map<Long, Integer> students = table.students();
        return accounts.all().stream().map(account -> new AccountLine(account, students.getOrDefault(account.id(), 0))).toList();
    }

    /** Lets somebody look after the accounts and Dwimble too; nothing of a student comes with it. */
    @For(Act.KEEP)
    @PutMapping("/{signIn}/keeping")
    List<AccountLine> keep(@PathVariable String signIn) {
        accounts.keeps(named(signIn), true);
        return accounts();
    }

    /** Ends that; somebody always looks after them. */
    @For(Act.KEEP)
    @DeleteMapping("/{signIn}/keeping")
    List<AccountLine> keepNoMore(@PathVariable String signIn) {
        if (!accounts.keeps(named(signIn), false)) {
            throw new Unacceptable("school-needs-keeper");
        }
        return accounts();
    }

    private Account named(String signIn) {
        return accounts.bySignIn(signIn).orElseThrow(() -> new Unacceptable("nobody-signs-in", "name", Text.cut(signIn, 60)));
    }

    @For(Act.KEEP)
    @PostMapping
    Account create(@AuthenticationPrincipal Account by, @RequestBody NewAccount account) {
        return accounts.create(account.signIn(), account.name(), account.work(), account.password(), false);
    }
}
