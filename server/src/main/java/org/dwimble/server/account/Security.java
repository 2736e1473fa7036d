package org.dwimble.server.account;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Map;
import org.dwimble.core.told.Told;
import org.dwimble.server.limit.Container;
import org.dwimble.server.told.Wording;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.DelegatingPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextHolderFilter;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter;
import tools.jackson.databind.json.JsonMapper;

/**
 * What every request must carry. All of {@code /api} needs a session but signing in; changes need the CSRF
 * token; pages may load nothing from anywhere else. Who may do what is asked by the gate,
 * {@code grant.Gatekeeper}.
 */
@Configuration(proxyBeanMethods = false)
class Security {
    @Bean
    SecurityFilterChain rules(HttpSecurity http, SecurityContextRepository contexts, CsrfTokenRepository tokens, AccountStore accounts, JsonMapper json,
        Wording wording) throws Exception {
        return http
            .authorizeHttpRequests(requests -> requests
                .requestMatchers("/api/session", "/api/session/demo", "/api/accounts/first", "/api/health").permitAll()
                .requestMatchers("/api/**", "/v3/api-docs/**").authenticated()
                .anyRequest().permitAll())
            .addFilterAfter(new PersonAsNow(accounts), SecurityContextHolderFilter.class)
            .securityContext(context -> context.securityContextRepository(contexts))
            .csrf(csrf -> csrf.spa().csrfTokenRepository(tokens))
            .headers(headers -> headers
                .contentSecurityPolicy(policy -> policy.policyDirectives(Container.POLICY))
                .referrerPolicy(policy -> policy.policy(ReferrerPolicyHeaderWriter.ReferrerPolicy.SAME_ORIGIN)))
            .requestCache(cache -> cache.disable())
            .formLogin(form -> form.disable())
            .httpBasic(basic -> basic.disable())
            .logout(logout -> logout.disable())
            .exceptionHandling(handling -> handling
                .authenticationEntryPoint((request, response, e) -> answer(response, json, HttpStatus.UNAUTHORIZED,
                    wording.of(Told.of("signed-out"))))
                .accessDeniedHandler((request, response, e) -> answer(response, json, HttpStatus.FORBIDDEN,
                    wording.of(Told.of("page-too-old")))))
            .build();
    }

    private static void answer(HttpServletResponse response, JsonMapper json, HttpStatus status, String sentence) throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.getOutputStream().write(json.writeValueAsBytes(ProblemDetail.forStatusAndDetail(status, sentence)));
    }

    /** Read by our page from its cookie; another one from each sign-in on. */
    @Bean
    CsrfTokenRepository tokens() {
        return CookieCsrfTokenRepository.withHttpOnlyFalse();
    }

    @Bean
    SecurityContextRepository contexts() {
        return new HttpSessionSecurityContextRepository();
    }

    @Bean
    PasswordEncoder passwordEncoder() {
        return passwords(10);
    }

    /** Those of before are still known, and kept anew when somebody signs in with one. @param cost of new ones, see {@link AnyLength} */
    static PasswordEncoder passwords(int cost) {
        return new DelegatingPasswordEncoder("bcrypt-sha256", Map.of("bcrypt-sha256", new AnyLength(cost), "bcrypt", new BCryptPasswordEncoder()));
    }

    /** Signing in goes through {@link SessionApi}; this keeps Spring from inventing a default user. */
    @Bean
    AuthenticationManager noOtherWay() {
        return authentication -> {
            throw new AuthenticationException("Sign in at /api/session") {
            };
        };
    }
}
