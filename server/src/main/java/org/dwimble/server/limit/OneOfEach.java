package org.dwimble.server.limit;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpServletResponseWrapper;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Where an answer has a stricter header of its own, such as a drawing that may do nothing at all, that stands instead of the one all answers have. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
class OneOfEach extends OncePerRequestFilter {
    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain) throws ServletException, IOException {
        chain.doFilter(request, new HttpServletResponseWrapper(response) {
            @Override
            public void addHeader(String name, String value) {
                if (Container.HEADERS.containsKey(name)) {
                    setHeader(name, value);
                } else {
                    super.addHeader(name, value);
                }
            }
        });
    }
}
