package org.dwimble.core.obf;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HashMap;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import tools.jackson.databind.JsonNode;

/**
 * Our own ids for what a file calls its boards and buttons. An id that is short and can stand in an address stays as it is; of any other one of
 * ours is made, always the same from the same. What it came as is kept beside it, to be written back.
 */
final class OutsideIds {
    /** Our id, where a file of ours was written with the id a board or button came with. */
    static final String OURS = "ext_dwimble_id";
    static final Pattern OF_A_BOARD = Pattern.compile("[A-Za-z0-9][A-Za-z0-9_-]{0,79}");
    /** A button stands in no address, so more is let through. */
    static final Pattern OF_A_BUTTON = Pattern.compile("[A-Za-z0-9][A-Za-z0-9_.:/-]{0,159}");
    private static final int MADE = 16;

    private final Map<String, String> boards = new HashMap<>();
    private final Map<String, String> byPath = new HashMap<>();
    private final Set<String> boardsTaken = new HashSet<>();
    private final Set<String> buttonsTaken = new HashSet<>();

    /**
     * Another board of the file.
     *
     * @param outside what the package calls it
     * @param path    of its file in the package; empty for none
     */
    String board(String outside, String path, JsonNode json) {
        String id = free(json.path(OURS).asString(""), outside, OF_A_BOARD, "board-", boardsTaken);
        boards.put(outside, id);
        boards.putIfAbsent(ObfReader.text(json, "id", outside), id);
        if (!path.isEmpty()) {
            byPath.put(path, id);
        }
        return id;
    }

    /** The board a link means: by its path, else by its id; one that is not in the file gets an id that nothing has. */
    String linked(String path, String outside) {
        String known = byPath.get(path);
        if (known == null) {
            known = boards.get(outside);
        }
        return known != null ? known : OF_A_BOARD.matcher(outside).matches() && !boardsTaken.contains(outside) ? outside : "board-" + made(outside);
    }

    boolean hasBoard(String id) {
        return boardsTaken.contains(id);
    }

    /** Another button. @param board ours @param repeated true if others of the file are called the same */
    String button(String board, String outside, boolean repeated, JsonNode json) {
        String wanted = repeated ? board + ":" + outside : outside;
        return free(json.path(OURS).asString(""), wanted, OF_A_BUTTON, "word-", buttonsTaken);
    }

    private static String free(String ours, String wanted, Pattern plain, String prefix, Set<String> taken) {
        if (plain.matcher(ours).matches() && taken.add(ours)) {
            return ours;
        }
        String id = plain.matcher(wanted).matches() ? wanted : prefix + made(wanted);
        String free = id;
        for (int i = 2; !taken.add(free); i++) {
            free = id + "-" + i;
        }
        return free;
    }

    private static String made(String of) {
        try {
            byte[] hash = MessageDigest.getInstance("SHA-256").digest(of.getBytes(StandardCharsets.UTF_16BE));
            return HexFormat.of().formatHex(hash).substring(0, MADE);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
