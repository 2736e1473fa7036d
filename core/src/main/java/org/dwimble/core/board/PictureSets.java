package org.dwimble.core.board;

import java.util.List;

/** The sets the library's pictures come in, by the first part of their ids. */
public final class PictureSets {
    /** Our own symbols. */
    public static final String CORE = "core";
    /** The drawings most everyday words get. */
    public static final String BASE = "base";
    /** What fills the gaps of the others. */
    public static final String WIDE = "wide";
    /** Our own symbols that have drawings of the base set among their parts. */
    public static final String MIXED = "mixed";
    /** Numbers, amounts and times, drawn by rule when they are asked for. */
    public static final String NUMBER = "number";
    public static final List<String> ALL = List.of(CORE, BASE, WIDE, MIXED, NUMBER);

    private PictureSets() {
    }
}
