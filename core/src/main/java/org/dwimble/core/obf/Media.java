package org.dwimble.core.obf;

import java.util.List;
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
     * @param whyNot why they were not taken; null if they were
     * @param leftOut what was in them and is not kept, each a reason
     */
    record Kept(@Nullable String id, @Nullable Told whyNot, List<Told> leftOut) {
        public Kept(@Nullable String id, @Nullable Told whyNot) {
            this(id, whyNot, List.of());
        }
    }

    /**
     * Offers bytes from outside; several threads may at once. The content type is found from the bytes; what the package calls them is not trusted.
     *
     * @param symbol id of the library picture the package names, to be used if the bytes are the same
     */
    Kept keep(byte[] bytes, @Nullable String symbol);

    Optional<Item> find(String id);
}
