package org.dwimble.server.limit;

import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.dwimble.server.problem.BodyRefused;
import org.eclipse.jetty.http.HttpHeader;
import org.eclipse.jetty.io.Content;
import org.eclipse.jetty.server.Handler;
import org.eclipse.jetty.server.Request;
import org.eclipse.jetty.server.Response;
import org.eclipse.jetty.util.Callback;

/**
 * What every request passes first: every answer gets the headers that keep browsers careful; a body is counted while it comes and must come at least so
 * fast; whoever is answered before all of it came hears the answer.
 */
final class Gate extends Handler.Wrapper {
    private static final long BESIDE_THE_FILE = 64 << 10;

    private final Map<String, String> headers;
    private final Answers answers;

    Gate(Map<String, String> headers, Answers answers, Handler next) {
        super(next);
        this.headers = headers;
        this.answers = answers;
    }

    @Override
    public boolean handle(Request request, Response response, Callback callback) throws Exception {
        headers.forEach(response.getHeaders()::put);
        Asker.of(request);
        if (request.getLength() == 0) {
            return super.handle(request, response, callback);
        }
        Callback rest = new Remainder(request, callback);
        long most = isFile(request) ? BESIDE_THE_FILE + mostOfFile(request.getHttpURI().getPath()) : Limits.REQUEST_BYTES;
        if (request.getLength() > most) {
            answers.give(response, rest, Answers.Why.TOO_LONG, most >> 20);
            return true;
        }
        return super.handle(new Watched(request, most), response, rest);
    }

    static boolean isFile(Request request) {
        String type = request.getHeaders().get(HttpHeader.CONTENT_TYPE);
        return type != null && type.startsWith("multipart/");
    }

    private static long mostOfFile(String path) {
        if (path.startsWith("/api/own-pictures")) {
            return Limits.PICTURE_BYTES;
        }
        String last = path.substring(path.lastIndexOf('/') + 1);
        if (path.startsWith("/api/vocabularies/") && last.equals("recordings")) {
            return Limits.SOUND_BYTES;
        }
        boolean ofPackages = path.startsWith("/api/students/") && List.of("packages", "bringing-in").contains(last);
        return ofPackages ? Limits.PACKAGE_BYTES : Limits.OTHER_FILE_BYTES;
    }

    /** Counts what comes and how fast. */
    private static final class Watched extends Request.Wrapper {
        private final long most;
        private final long began = System.nanoTime();
        private long came;
        private boolean refused;

        Watched(Request plain, long most) {
            super(plain);
            this.most = most;
        }

        /**
         * Asked when an answer is given before all was read, such as that somebody is not signed in. {@link Remainder} reads what is left; what the container
         * would do, once nothing more is there yet, is fail what comes and close the connection, which takes the answer away. Of what was refused itself
         * nothing more is read.
         */
        @Override
        public boolean consumeAvailable() {
            return !refused || super.consumeAvailable();
        }

        @Override
        public Content.Chunk read() {
            Content.Chunk chunk = super.read();
            if (chunk == null || Content.Chunk.isFailure(chunk)) {
                return chunk;
            }
            came += chunk.remaining();
            long seconds = TimeUnit.NANOSECONDS.toSeconds(System.nanoTime() - began) - Limits.HEADER_SECONDS;
            boolean slow = chunk.hasRemaining() && seconds > 0 && came < seconds * Limits.LEAST_BYTES_A_SECOND;
            if (came <= most && !slow) {
                return chunk;
            }
            chunk.release();
            refused = true;
            Answers.Why why = slow ? Answers.Why.TOO_SLOW : Answers.Why.TOO_LONG;
            return Content.Chunk.from(new BodyRefused(why.status(), why.told(most >> 20)));
        }
    }
}
