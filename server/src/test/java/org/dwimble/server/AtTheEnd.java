package org.dwimble.server;

/** What tests share is closed when their process ends. */
public final class AtTheEnd {
    private AtTheEnd() {
    }

    public static void of(AutoCloseable shared) {
        Runtime.getRuntime().addShutdownHook(new Thread(() -> {
            try {
                shared.close();
            } catch (Exception e) {
                System.err.println("Not closed: " + e);
            }
        }));
    }
}
