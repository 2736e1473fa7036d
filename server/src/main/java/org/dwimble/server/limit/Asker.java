package org.dwimble.server.limit;

import jakarta.servlet.ServletRequest;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/** Who waits for the answer of a request, so that nothing is made for somebody who has left the page. */
final class Asker {
    private static final String ATTRIBUTE = Asker.class.getName();
    private static final BooleanSupplier NEVER = () -> false;
    private static final long ASKED_EVERY = TimeUnit.MILLISECONDS.toNanos(100);

    private Asker() {
    }

    /** @param gone asked by the thread that answers the request, and by it alone */
    static void of(ServletRequest request, BooleanSupplier gone) {
        request.setAttribute(ATTRIBUTE, gone);
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
