package org.dwimble.server.limit;

import jakarta.servlet.AsyncEvent;
import jakarta.servlet.AsyncListener;
import jakarta.servlet.ServletException;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.apache.coyote.InputBuffer;
import org.apache.tomcat.util.net.ApplicationBufferHandler;

/**
 * What every request passes first: every answer gets the headers that keep browsers careful, also one that the container gives; a body is counted while it
 * comes and must come at least so fast; files have places of their own, so that they never take those of people who work.
 */
final class Gate extends ValveBase {
    private static final long WAIT_SECONDS = 5;
    private static final long BESIDE_THE_FILE = 64 << 10;

    private final Map<String, String> headers;
    private final Answers answers;
    private final Semaphore uploads = new Semaphore(Limits.UPLOADS, true);

    Gate(Map<String, String> headers, Answers answers) {
        super(true);
        this.headers = headers;
        this.answers = answers;
    }

    @Override
    public void invoke(Request request, Response response) throws IOException, ServletException {
        headers.forEach(response::setHeader);
        if (!(request.getConnector().getProtocolHandler() instanceof GuardedProtocol guarded)) {
            withBody(request, response);
            return;
        }
        Connections connections = guarded.connections();
        String key = Connections.key(request.getRemoteAddr(), request.getRemotePort());
        connections.answering(key);
        Asker.of(request, () -> guarded.hasGone(key));
        try {
            withBody(request, response);
        } finally {
            whenAnswered(request, () -> connections.answered(key, System.currentTimeMillis()));
        }
    }

    /** At once, or when an answer that is given piece by piece has ended. */
    private static void whenAnswered(Request request, Runnable then) {
        if (!request.isAsync()) {
            then.run();
            return;
        }
        try {
            request.getAsyncContext().addListener(new AsyncListener() {
                @Override
                public void onComplete(AsyncEvent event) {
                    then.run();
                }

                @Override
                public void onTimeout(AsyncEvent event) {
                    // It ends after that.
                }

                @Override
                public void onError(AsyncEvent event) {
                    // It ends after that.
                }

                @Override
                public void onStartAsync(AsyncEvent event) {
                    event.getAsyncContext().addListener(this);
                }
            });
        } catch (IllegalStateException endedMeanwhile) {
            then.run();
        }
    }

    private void withBody(Request request, Response response) throws IOException, ServletException {
        org.apache.coyote.Request coyote = request.getCoyoteRequest();
        boolean chunked = request.getHeader("Transfer-Encoding") != null;
        if (response.isError() || request.getContentLengthLong() <= 0 && !chunked) {
            getNext().invoke(request, response);
            return;
        }
        String type = request.getContentType();
        boolean file = type != null && type.startsWith("multipart/");
        long most = file ? BESIDE_THE_FILE + mostOfFile(request.getRequestURI()) : Limits.REQUEST_BYTES;
        if (request.getContentLengthLong() > most) {
            answers.give(response, Answers.Why.TOO_LONG, most >> 20);
            return;
        }
        if (file && !placeForFile()) {
            answers.give(response, Answers.Why.TOO_MANY_FILES, 0);
            return;
        }
        InputBuffer plain = coyote.getInputBuffer();
        coyote.setInputBuffer(new Watched(plain, most));
        try {
            getNext().invoke(request, response);
        } finally {
            coyote.setInputBuffer(plain);
            if (file) {
                uploads.release();
            }
        }
    }

    private boolean placeForFile() throws IOException {
        try {
            return uploads.tryAcquire(WAIT_SECONDS, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException(e);
        }
    }

    private static long mostOfFile(String path) {
        if (path.startsWith("/api/own-pictures")) {
            return Limits.PICTURE_BYTES;
        }
        String last = path.substring(path.lastIndexOf('/') + 1);
        boolean ofPackages = path.startsWith("/api/students/") && List.of("packages", "bringing-in").contains(last);
        return ofPackages ? Limits.PACKAGE_BYTES : Limits.OTHER_FILE_BYTES;
    }

    /** Counts what comes and how fast. */
    private static final class Watched implements InputBuffer {
        private final InputBuffer plain;
        private final long most;
        private final long began = System.nanoTime();
        private long came;

        Watched(InputBuffer plain, long most) {
            this.plain = plain;
            this.most = most;
        }

        @Override
        public int doRead(ApplicationBufferHandler into) throws IOException {
            int read = plain.doRead(into);
            came += Math.max(0, read);
            if (came > most) {
                throw new BodyRefused(Answers.Why.TOO_LONG, most);
            }
            long seconds = TimeUnit.NANOSECONDS.toSeconds(System.nanoTime() - began) - Limits.HEADER_SECONDS;
            if (read > 0 && seconds > 0 && came < seconds * Limits.LEAST_BYTES_A_SECOND) {
                throw new BodyRefused(Answers.Why.TOO_SLOW, most);
            }
            return read;
        }

        @Override
        public int available() {
            return plain.available();
        }
    }
}
