package org.dwimble.core.obf;

import java.util.Optional;
import org.dwimble.core.told.Told;
import org.jspecify.annotations.Nullable;

/** Where pictures and sounds are kept, as the reader and writer need it. Ids are a button's {@code picture} and {@code sound}. */
public interface Media {
    /** @param name file name in a package, without folder */
    record Item(String id, String contentType, String name, byte[] bytes) {
    }

    /**
     * What became of bytes that were offered.
     *
     * @param id     to use; null if they were not taken
     * @param whyNot why they were not taken; with an id, what of them was not
     */
    record Kept(@Nullable String id, @Nullable Told whyNot) {
    }

    /**
     * Offers bytes from outside. The content type is found from the bytes; what the package calls them is not trusted.
     *
     * @param symbol id of the library picture the package names, to be used if the bytes are the same
     */
    Kept keep(byte[] bytes, @Nullable String symbol);

    Optional<Item> find(String id);
}
