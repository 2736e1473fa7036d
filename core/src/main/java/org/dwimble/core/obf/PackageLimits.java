package org.dwimble.core.obf;

/**
 * How large a package may be before it is refused as dangerous. What comes out of it is counted while it does, whatever the package
 * says of itself; JSON tokens bound what is built before boards and buttons are counted.
 *
 * @param entries    files in the package
 * @param entryBytes one file unpacked
 * @param totalBytes all files unpacked
 * @param boardBytes all boards unpacked, without pictures that stand in files of their own
 * @param depth      nesting of JSON
 * @param nodes      of JSON in all boards together, as tokens (RFC 8259): what a parsed board takes of memory
 * @param boards     in the package
 * @param buttons    on one board
 */
public record PackageLimits(int entries, long entryBytes, long totalBytes, long boardBytes, int depth, long nodes, int boards, int buttons) {
    public static final PackageLimits USUAL = new PackageLimits(20_000, 64L << 20, 1L << 30, 128L << 20, 64, 3_000_000, 2_000, 1_600);
}
