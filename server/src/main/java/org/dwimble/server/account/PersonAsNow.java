package org.dwimble.server.account;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/** A session says who somebody is; what he or she may do and is called is read anew at each request, and nobody who is gone goes on. */
final class PersonAsNow extends OncePerRequestFilter {
    private final AccountStore accounts;

    PersonAsNow(AccountStore accounts) {
        this.accounts = accounts;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !request.getRequestURI().startsWith("/api/");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain) throws ServletException, IOException {
        if (SecurityContextHolder.getContext().getAuthentication() instanceof Person person) {
            Optional<Account> now = accounts.byId(person.getPrincipal().id());
            SecurityContext context = SecurityContextHolder.createEmptyContext();
            now.ifPresent(account -> context.setAuthentication(account.equals(person.getPrincipal()) ? person : new Person(account)));
            SecurityContextHolder.setContext(context);
        }
        chain.doFilter(request, response);
    }
}
