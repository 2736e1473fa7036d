package org.dwimble.server.limit;

import jakarta.servlet.ServletRequest;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import org.eclipse.jetty.server.Request;
import org.eclipse.jetty.server.internal.HttpConnection;
import org.eclipse.jetty.util.BufferUtil;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/** Who waits for the answer of a request, so that nothing is made for somebody who has left the page. */
final class Asker {
    private static final String ATTRIBUTE = Asker.class.getName();
    private static final BooleanSupplier NEVER = () -> false;
    /** Nobody sends more than the beginning of a next request before this one is answered. */
    private static final int READ_AHEAD = 1 << 10;
    private static final long ASKED_EVERY = TimeUnit.MILLISECONDS.toNanos(100);

    private Asker() {
    }

    /** Remembers with a request how to find out. */
    static void of(Request request) {
        if (request.getConnectionMetaData().getConnection() instanceof HttpConnection connection) {
            request.setAttribute(ATTRIBUTE, (BooleanSupplier) () -> hasGone(connection));
        }
    }

    /** Asked by the thread that answers the request, and by it alone. What is read ahead to find out is given back; who has sent a next request is there. */
    private static boolean hasGone(HttpConnection connection) {
        if (!connection.isRequestBufferEmpty()) {
            return false;
        }
        ByteBuffer ahead = BufferUtil.allocate(READ_AHEAD);
        try {
            boolean end = connection.getEndPoint().fill(ahead) < 0;
            if (BufferUtil.hasContent(ahead)) {
                connection.onUpgradeTo(ahead);
            }
            return end;
        } catch (IOException gone) {
            return true;
        }
    }

    /** Whether who asked for what this thread makes has closed the connection; never, if it makes it for no request. */
    static BooleanSupplier hasGone() {
        return RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes request ? seldom(hasGone(request.getRequest())) : NEVER;
    }

    static BooleanSupplier hasGone(ServletRequest request) {
        return request.getAttribute(ATTRIBUTE) instanceof BooleanSupplier gone ? gone : NEVER;
    }

    /** The network is not asked at every label; who has gone stays gone. */
    private static BooleanSupplier seldom(BooleanSupplier gone) {
        return new BooleanSupplier() {
            private long next = System.nanoTime();
            private boolean left;

            @Override
            public boolean getAsBoolean() {
                if (!left && System.nanoTime() - next >= 0) {
                    left = gone.getAsBoolean();
                    next = System.nanoTime() + ASKED_EVERY;
                }
                return left;
            }
        };
    }
}
