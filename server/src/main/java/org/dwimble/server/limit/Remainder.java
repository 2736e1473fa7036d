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
 * at most and while something comes within {@link Limits#IDLE_SECONDS}: a connection that is closed while somebody sends takes the answer away from him
 * before he has read it (RFC 9112, 9.6).
 */
final class Remainder extends Callback.Nested implements Runnable {
    private final Request request;
    private Scheduler.@Nullable Task end;
    private long until;

    Remainder(Request request, Callback after) {
        super(after);
        this.request = request;
    }

    @Override
    public void succeeded() {
        until = System.nanoTime() + TimeUnit.SECONDS.toNanos(Limits.REMAINDER_SECONDS);
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
        if (end != null) {
            end.cancel();
        }
        EndPoint connection = request.getConnectionMetaData().getConnection().getEndPoint();
        long left = Math.min(until - System.nanoTime(), TimeUnit.SECONDS.toNanos(Limits.IDLE_SECONDS));
        end = request.getComponents().getScheduler().schedule(connection::close, left, TimeUnit.NANOSECONDS);
        request.demand(this);
    }
}
