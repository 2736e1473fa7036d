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
    public static final List<String> ALL = List.of(CORE, BASE, WIDE);

    private PictureSets() {
    }
}
