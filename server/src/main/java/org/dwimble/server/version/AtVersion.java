package org.dwimble.server.version;

import java.util.Map;
import java.util.Objects;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** A thing at a version, with the revision of each of its documents. */
public final class AtVersion<D> {
    final long line;
    private final long id;
    private final int version;
    private final D content;
    final Map<String, Long> revisions;
    final int bytes;
    private volatile @Nullable Object workedOut;

    AtVersion(long line, long id, int version, D content, Map<String, Long> revisions, int bytes) {
        this.line = line;
        this.id = id;
        this.version = version;
        this.content = content;
        this.revisions = revisions;
        this.bytes = bytes;
    }

    public long id() {
        return id;
    }

    public int version() {
        return version;
    }

    public D content() {
        return content;
    }

    public long revisionOf(String document) {
        return Objects.requireNonNull(revisions.get(document));
    }

    /** What somebody works out of it once and asks for again; stays with the version. */
    @SuppressWarnings("unchecked")
    public <T> T workedOut(Supplier<T> once) {
        Object known = workedOut;
        if (known == null) {
            known = once.get();
            workedOut = known;
        }
        return (T) known;
    }
}
