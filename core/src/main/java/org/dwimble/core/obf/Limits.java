package org.dwimble.core.obf;

/**
 * How large a package may be before it is refused as dangerous.
 *
 * @param entries    files in the package
 * @param entryBytes one file unpacked
 * @param totalBytes all files unpacked
 * @param depth      nesting of JSON
 */
public record Limits(int entries, long entryBytes, long totalBytes, int depth) {
    public static final Limits USUAL = new Limits(20_000, 64L << 20, 1L << 30, 64);
}
