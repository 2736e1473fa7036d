package org.dwimble.server.limit;

import org.dwimble.core.obf.PackageLimits;

/**
 * How much of anything Dwimble takes, in one place. Each can be set by an environment variable of its name with {@code DWIMBLE_LIMIT_} in front, such as
 * {@code DWIMBLE_LIMIT_PICTURE_MEGABYTES=100}; {@code docs/operations.md} tells which are worth it. Read once, when the program starts.
 */
public final class Limits {
    /** A request that is no file. */
    public static final long REQUEST_BYTES = set("REQUEST_MEGABYTES", 1) << 20;
    /** A picture that is taken in. */
    public static final long PICTURE_BYTES = set("PICTURE_MEGABYTES", 60) << 20;
    /** Of any picture. */
    public static final long PIXELS = set("MEGAPIXELS", 120) * 1_000_000;
    /** A recording or another sound for a button. */
    public static final long SOUND_BYTES = set("SOUND_MEGABYTES", 12) << 20;
    /** A package as a file. */
    public static final long PACKAGE_BYTES = set("PACKAGE_MEGABYTES", 1_100) << 20;
    /** A calendar file, and any file that nothing else is said of. */
    public static final long OTHER_FILE_BYTES = set("FILE_MEGABYTES", 1) << 20;
    /** What a package may hold. */
    public static final PackageLimits PACKAGE = new PackageLimits((int) set("PACKAGE_FILES", 20_000), set("PACKAGE_FILE_MEGABYTES", 64) << 20,
        set("UNPACKED_MEGABYTES", 1_024) << 20, set("BOARDS_MEGABYTES", 128) << 20, 64, set("BOARDS_NODES", 3_000_000), (int) set("BOARDS", 2_000), 1_600);

    /** Connections at once; each can have a thread, so that slow ones keep nobody waiting. */
    public static final int CONNECTIONS = (int) set("CONNECTIONS", 600);
    /** Of those from one address. Behind a proxy all come from it. */
    public static final int CONNECTIONS_OF_ONE_ADDRESS = (int) set("CONNECTIONS_OF_ONE_ADDRESS", 300);
    /** Files that are being sent at once; more wait for a moment and are then asked to come again. */
    public static final int UPLOADS = (int) set("UPLOADS", 24);
    /** Until a request has said what it wants. */
    public static final int HEADER_SECONDS = (int) set("HEADER_SECONDS", 10);
    /** Without a byte of a body. */
    public static final int IDLE_SECONDS = (int) set("IDLE_SECONDS", 10);
    /** So long the rest of a body that was refused is thrown away, so that its sender hears why. */
    public static final int REMAINDER_SECONDS = (int) set("REMAINDER_SECONDS", 30);
    /** A body must come at least so fast on the whole, once it has had {@link #HEADER_SECONDS} to begin. */
    public static final long LEAST_BYTES_A_SECOND = set("LEAST_BYTES_A_SECOND", 1_024);

    /** Works within requests that are made at once; others wait for their turn, so long. */
    public static final int WORKS_AT_ONCE = (int) set("WORKS_AT_ONCE", 2);
    public static final int TURN_SECONDS = (int) set("TURN_SECONDS", 5);
    /** Laying paper within a request ends after that, whoever waits. */
    public static final int LAYING_SECONDS = (int) set("LAYING_SECONDS", 15);
    /** One person's works under way, within requests and as pieces of work together. */
    public static final int WORKS_OF_ONE_PERSON = (int) set("WORKS_OF_ONE_PERSON", 4);
    /** Packages that are written or read within requests at once, and how large each may be; larger ones are pieces of work. */
    public static final int FILES_AT_ONCE = (int) set("FILES_AT_ONCE", 6);
    public static final long PACKAGE_AT_ONCE_BYTES = set("PACKAGE_AT_ONCE_MEGABYTES", 64) << 20;
    public static final long PACKAGE_SENT_BYTES = set("PACKAGE_SENT_MEGABYTES", 512) << 20;
    /** Pictures and sounds within one board as a file. */
    public static final long BOARD_FILE_BYTES = set("BOARD_FILE_MEGABYTES", 48) << 20;
    /** Sheets, and labels fitted on them, that are laid within a request. */
    public static final int SHEETS_AT_ONCE = (int) set("SHEETS_AT_ONCE", 400);
    public static final int LABELS_AT_ONCE = (int) set("LABELS_AT_ONCE", 60_000);
    /** As a piece of work. */
    public static final int SHEETS = (int) set("SHEETS", 5_000);
    public static final int LABELS = (int) set("LABELS", 1_000_000);
    /** Words of a list that are printed, each as often as it is and for each student: within a request, and as a piece of work. */
    public static final int WORDS_AT_ONCE = (int) set("PRINTED_WORDS_AT_ONCE", 12_000);
    public static final int WORDS = (int) set("PRINTED_WORDS", 120_000);
    /** Words of a class that differ, looked for at once. */
    public static final int CLASS_WORDS = (int) set("CLASS_WORDS", 400);
    /** Library drawings sent in one answer. */
    public static final int DRAWINGS_AT_ONCE = (int) set("DRAWINGS_AT_ONCE", 400);
    /** Of a page as a picture. */
    public static final long PAGE_PIXELS = set("PAGE_MEGAPIXELS", 12) * 1_000_000;

    /** Wrong passwords for one name from one address, for one from wherever, from one address and in all, in {@link #SIGN_IN_MINUTES}. */
    public static final int GUESSES_BY_NAME = (int) set("GUESSES_BY_NAME", 10);
    public static final int GUESSES_BY_NAME_ANYWHERE = (int) set("GUESSES_BY_NAME_ANYWHERE", 60);
    public static final int GUESSES_BY_ADDRESS = (int) set("GUESSES_BY_ADDRESS", 100);
    public static final int GUESSES_BY_ALL = (int) set("GUESSES_BY_ALL", 1_000);
    public static final int SIGN_IN_MINUTES = (int) set("SIGN_IN_MINUTES", 5);

    private Limits() {
    }

    private static long set(String name, long usual) {
        String said = System.getenv("DWIMBLE_LIMIT_" + name);
        return said == null ? usual : read("DWIMBLE_LIMIT_" + name, said);
    }

    /** @throws IllegalArgumentException in a sentence, if it is no whole number above 0 */
    static long read(String name, String said) {
        if (!said.trim().matches("[1-9][0-9]{0,9}")) {
            throw new IllegalArgumentException(name + " is “" + said + "”; it must be a whole number above 0. Nothing was started.");
        }
        return Long.parseLong(said.trim());
    }
}
