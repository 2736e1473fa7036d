package org.dwimble.server.limit;

import java.util.concurrent.TimeUnit;
import org.eclipse.jetty.io.Content;
import org.eclipse.jetty.io.EndPoint;
import org.eclipse.jetty.server.Request;
import org.eclipse.jetty.util.Callback;
import org.eclipse.jetty.util.thread.Scheduler;
import org.jspecify.annotations.Nullable;

/**
 * What still comes of a body after the answer was given, such as that it is too long. It is thrown away until it ends, for {@link Limits#REMAINDER_SECONDS}
 * at most: a connection that is closed while somebody sends takes the answer away from him before he has read it (RFC 9112, 9.6).
 */
final class Remainder extends Callback.Nested implements Runnable {
    private final Request request;
    private Scheduler.@Nullable Task end;

    Remainder(Request request, Callback after) {
        super(after);
        this.request = request;
    }

    @Override
    public void succeeded() {
        run();
    }

    @Override
    public void run() {
        while (true) {
            Content.Chunk chunk = request.read();
            if (chunk == null) {
                await();
                return;
            }
            chunk.release();
            if (chunk.isLast() || Content.Chunk.isFailure(chunk)) {
                if (end != null) {
                    end.cancel();
                }
                super.succeeded();
                return;
            }
        }
    }

    private void await() {
        if (end == null) {
            EndPoint connection = request.getConnectionMetaData().getConnection().getEndPoint();
            end = request.getComponents().getScheduler().schedule(connection::close, Limits.REMAINDER_SECONDS, TimeUnit.SECONDS);
        }
        request.demand(this);
    }
}
