package org.dwimble.server.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Objects;
import org.dwimble.core.grant.Act;
import org.dwimble.core.sheet.Paper;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.server.grant.For;
import org.dwimble.server.grant.ForAnybody;
import org.dwimble.server.problem.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.core.env.Environment;
import org.springframework.core.env.Profiles;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out. In the demo, one click does it. */
@RestController
@RequestMapping("/api/session")
class SessionApi {

    /**
     * @param account       who is signed in, if anybody
     * @param demoAccounts  whom a click can sign in as; empty outside the demo
     * @param firstAccount  true if nobody can sign in yet, so the first account is to be made
     * @param paper         what the school prints on
     * @param money         what it pays with, as an ISO 4217 code
     */
    record SessionView(@Nullable Account account, List<Account> demoAccounts, boolean firstAccount, Paper paper, String money) {
    }

    record SchoolMoney(@Nullable String money) {
    }

    record SchoolPaper(@Nullable Paper paper) {
    }

    record SignIn(String signIn, String password) {
    }

    record DemoSignIn(String signIn) {
    }

    private final AccountStore accounts;
    private final SecurityContextRepository contexts;
    private final boolean demo;
    private final SignInPatience patience;
    private final School school;
    private final KnownDevices devices;
    private final CsrfTokenRepository tokens;

    SessionApi(AccountStore accounts, SecurityContextRepository contexts, Environment environment, SignInPatience patience, KnownDevices devices, School school,
        CsrfTokenRepository tokens) {
        this.school = school;
        this.devices = devices;
        this.patience = patience;
        this.tokens = tokens;
        this.accounts = accounts;
        this.contexts = contexts;
        this.demo = environment.acceptsProfiles(Profiles.of("demo"));
    }

    @ForAnybody
    @GetMapping
    SessionView session(@AuthenticationPrincipal @Nullable Account account) {
        return new SessionView(account, demo ? accounts.all() : List.of(), !accounts.any(), school.paper(), school.money());
    }

    @ForAnybody
    @PostMapping
    SessionView signIn(@RequestBody SignIn signIn, HttpServletRequest request, HttpServletResponse response) {
        String name = signIn.signIn() == null ? "" : signIn.signIn();
        SignInPatience.Guess guess = patience.begin(name, request.getRemoteAddr(), devices.known(name, request));
        Account account = accounts.signIn(name, signIn.password() == null ? "" : signIn.password())
            .orElseThrow(() -> new Problem(HttpStatus.UNPROCESSABLE_CONTENT, "wrong-password"));
        guess.wasRight();
        devices.remember(account, request, response);
        return enter(account, request, response);
    }

    @ForAnybody
    @PostMapping("/demo")
    SessionView demo(@RequestBody DemoSignIn signIn, HttpServletRequest request, HttpServletResponse response) {
        if (!demo) {
            throw new Problem(HttpStatus.NOT_FOUND, "nothing-here");
        }
        return enter(accounts.bySignIn(signIn.signIn()).orElseThrow(() -> Problem.notFound("account")), request, response);
    }

    /** What the school prints on, and so in what lengths are told; whoever looks after Dwimble chooses it. */
    @For(Act.KEEP)
    @PutMapping("/school-paper")
    SessionView paper(@AuthenticationPrincipal Account account, @RequestBody SchoolPaper wanted) {
        Unacceptable.ifMissing(wanted.paper);
        school.printOn(Objects.requireNonNull(wanted.paper));
        return session(account);
    }

    /** What the school pays with; whoever looks after Dwimble chooses it. */
    @For(Act.KEEP)
    @PutMapping("/school-money")
    SessionView money(@AuthenticationPrincipal Account account, @RequestBody SchoolMoney wanted) {
        Unacceptable.ifMissing(wanted.money);
        school.payWith(Objects.requireNonNull(wanted.money));
        return session(account);
    }

    @ForAnybody
    @DeleteMapping
    SessionView signOut(HttpServletRequest request) {
        if (request.getSession(false) != null) {
            request.getSession(false).invalidate();
        }
        SecurityContextHolder.clearContext();
        return session(null);
    }

    private SessionView enter(Account account, HttpServletRequest request, HttpServletResponse response) {
        if (request.getSession(false) != null) {
            request.changeSessionId();
        }
        tokens.saveToken(tokens.generateToken(request), request, response);
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(new Person(account));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
        return session(account);
    }
}
