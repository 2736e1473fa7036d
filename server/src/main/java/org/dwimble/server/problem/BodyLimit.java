package org.dwimble.server.problem;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import org.dwimble.core.told.Told;
import org.dwimble.server.told.Wording;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import tools.jackson.databind.json.JsonMapper;

/** No request that is no file is longer than {@value #MOST} bytes: counted while it is read, whatever it says of itself. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
class BodyLimit extends OncePerRequestFilter {
    static final long MOST = 1L << 20;

    /** More came than may. */
    static final class TooLong extends IOException {
        TooLong() {
            super("more than " + MOST + " bytes");
        }
    }

    private final JsonMapper json;
    private final Wording wording;

    BodyLimit(JsonMapper json, Wording wording) {
        this.json = json;
        this.wording = wording;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return request.getContentType() != null && request.getContentType().startsWith(MediaType.MULTIPART_FORM_DATA_VALUE);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain) throws ServletException, IOException {
        if (request.getContentLengthLong() <= MOST) {
            chain.doFilter(new Counted(request), response);
            return;
        }
        response.setStatus(HttpStatus.CONTENT_TOO_LARGE.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setHeader("Connection", "close");
        response.getOutputStream().write(json.writeValueAsBytes(ProblemDetail.forStatusAndDetail(HttpStatus.CONTENT_TOO_LARGE,
            wording.of(Told.of("body-too-long", "most", MOST >> 20)))));
    }

    private static final class Counted extends HttpServletRequestWrapper {
        Counted(HttpServletRequest request) {
            super(request);
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            return new Counting(super.getInputStream());
        }

        @Override
        public BufferedReader getReader() throws IOException {
            return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
        }
    }

    private static final class Counting extends ServletInputStream {
        private final ServletInputStream in;
        private long read;

        Counting(ServletInputStream in) {
            this.in = in;
        }

        @Override
        public int read() throws IOException {
            int next = in.read();
            counted(next < 0 ? 0 : 1);
            return next;
        }

        @Override
        public int read(byte[] into, int from, int length) throws IOException {
            int count = in.read(into, from, length);
            counted(count);
            return count;
        }

        private void counted(int count) throws TooLong {
            read += Math.max(0, count);
            if (read > MOST) {
                throw new TooLong();
            }
        }

        @Override
        public boolean isFinished() {
            return in.isFinished();
        }

        @Override
        public boolean isReady() {
            return in.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            in.setReadListener(listener);
        }
    }
}
