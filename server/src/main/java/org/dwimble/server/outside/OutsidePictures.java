package org.dwimble.server.outside;

import java.util.List;
import org.dwimble.core.told.Told;

/** A service outside the school that finds pictures, such as a collection of openly licensed ones on the web. */
public interface OutsidePictures {
    /**
     * @param id      the service's own
     * @param licence short name, such as CC BY 4.0
     * @param author  who is to be named
     */
    record Offered(String id, String title, String licence, String author) {
    }

    /** Why there is no answer; nothing is lost by it. */
    final class Trouble extends Exception {
        static final String GONE = "outside-gone";
        private final transient Told told;

        Trouble(String key, String service) {
            super(key);
            this.told = Told.of(key, "service", service);
        }

        Told told() {
            return told;
        }
    }

    /** What people call the service. */
    String name();

    /** False if no service is set up; then nothing else may be asked. */
    boolean there();

    /** Pictures for a word, best first, only such as are fit for a school. None if it has none. */
    List<Offered> search(String query) throws Trouble;

    /** The bytes of one it offered, as they came: whoever keeps them checks what they are. */
    byte[] fetch(String id) throws Trouble;
}
