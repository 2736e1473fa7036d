package org.dwimble.server.limit;

import java.util.HashMap;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.eclipse.jetty.io.Connection;
import org.eclipse.jetty.io.EndPoint;
import org.eclipse.jetty.server.Connector;
import org.eclipse.jetty.util.component.AbstractLifeCycle;
import org.jspecify.annotations.Nullable;

/**
 * Closes connections whose request has not said what it wants within {@link Limits#HEADER_SECONDS}, however many bytes it drips. One that rests between two
 * requests, or is being answered, is left alone. Looks every half of that time, so one has between half and the whole of it. Part of the connector, which
 * starts it.
 */
final class ToThePoint extends AbstractLifeCycle {
    /** What a connection had sent when it was looked at. @param looks how often it was seen to say nothing whole since */
    private record Was(long requests, long bytes, int looks) {
    }

    private static final int LOOKS = 2;

    private final Connector connector;
    private Map<EndPoint, Was> before = Map.of();

    ToThePoint(Connector connector) {
        this.connector = connector;
    }

    @Override
    protected void doStart() {
        again();
    }

    private void again() {
        connector.getScheduler().schedule(this::look, Limits.HEADER_SECONDS * 1_000L / LOOKS, TimeUnit.MILLISECONDS);
    }

    private void look() {
        Map<EndPoint, Was> now = new HashMap<>();
        for (EndPoint end : connector.getConnectedEndPoints()) {
            Connection connection = end.getConnection();
            if (connection == null || connection.getMessagesIn() > connection.getMessagesOut()) {
                continue;
            }
            Was was = next(before.get(end), connection.getMessagesIn(), connection.getBytesIn());
            if (was.looks == LOOKS) {
                end.close();
            } else {
                now.put(end, was);
            }
        }
        before = now;
        again();
    }

    private static Was next(@Nullable Was was, long requests, long bytes) {
        if (was == null || was.requests != requests) {
            return new Was(requests, bytes, 0);
        }
        boolean begun = requests == 0 || bytes > was.bytes;
        return new Was(requests, was.bytes, begun ? was.looks + 1 : 0);
    }
}
