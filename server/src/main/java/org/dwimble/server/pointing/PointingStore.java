package org.dwimble.server.pointing;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Shape;
import org.dwimble.core.measure.Length;
import org.dwimble.core.pointing.PointingCheck;
import org.dwimble.core.pointing.Try;
import org.dwimble.core.screen.Screen;
import org.dwimble.server.database.Database;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Pointing checks in the database. The document:
 * <pre>{"how": "FINGER", "level": 80, "screen": [width, height], "gap": 10, "ended": true,
 *  "tries": [[rows, columns, row, column, hit row, hit column, first row, first column, millis], ...]}</pre>
 * with lengths in micrometres, and null for what is not known.
 */
@Component
public class PointingStore {
    /** @param by the name of who made it */
    record Kept(long id, String by, PointingCheck check) {
    }

    private static final int CELLS = 4;
    private static final JsonMapper JSON = JsonMapper.shared();

    private final Database database;

    PointingStore(Database database) {
        this.database = database;
    }

    /** @return its id */
    public long add(String student, PointingCheck check, long account, Instant at) {
        return database.write(session -> session.insert(
            "INSERT INTO pointing_check (student_id, day, account_id, document, made_at) VALUES (?, ?, ?, ?, ?) RETURNING id",
            student, check.day().toString(), account, document(check), at.toString()));
    }

    /** @return false if there is none, or it is so already */
    boolean remove(String student, long id, Instant at) {
        return database.write(session -> session.update("UPDATE pointing_check SET deleted_at = ? WHERE student_id = ? AND id = ? AND deleted_at IS NULL",
            at.toString(), student, id)) > 0;
    }

    /** @return false if there is none that was removed */
    boolean putBack(String student, long id) {
        return database
            .write(session -> session.update("UPDATE pointing_check SET deleted_at = NULL WHERE student_id = ? AND id = ? AND deleted_at IS NOT NULL",
                student, id)) > 0;
    }

    /** The latest first. */
    List<Kept> of(String student) {
        return database.read(session -> session.list("""
            SELECT p.id, a.name, p.day, p.document FROM pointing_check p JOIN account a ON a.id = p.account_id
            WHERE p.student_id = ? AND p.deleted_at IS NULL ORDER BY p.day DESC, p.id DESC""",
            row -> new Kept(row.getLong(1), row.getString(2), check(LocalDate.parse(row.getString(3)), row.getString(4))), student));
    }

    private static String document(PointingCheck check) {
        ObjectNode json = JSON.createObjectNode().put("how", check.how().name()).put("level", check.level()).put("gap", check.gap());
        json.putArray("screen").add(check.screen().width().micrometres()).add(check.screen().height().micrometres());
        if (check.ended()) {
            json.put("ended", true);
        }
        ArrayNode tries = json.putArray("tries");
        check.tries().forEach(t -> {
            ArrayNode one = tries.addArray().add(t.grid().rows()).add(t.grid().columns());
            cell(t.target(), one);
            cell(t.hit(), one);
            cell(t.first(), one);
            one.add(t.millis());
        });
        return json.toString();
    }

    private static void cell(@Nullable Cell cell, ArrayNode into) {
        into.add(cell == null ? null : Integer.valueOf(cell.row())).add(cell == null ? null : Integer.valueOf(cell.column()));
    }

    private static PointingCheck check(LocalDate day, String document) {
        JsonNode json = JSON.readTree(document);
        List<Try> tries = new ArrayList<>();
        json.path("tries").forEach(t -> tries.add(new Try(new Shape(t.path(0).asInt(), t.path(1).asInt()), new Cell(t.path(2).asInt(), t.path(3).asInt()),
            cell(t, CELLS), cell(t, CELLS + 2), t.path(CELLS + CELLS).isNull() ? null : Integer.valueOf(t.path(CELLS + CELLS).asInt()))));
        Screen screen = new Screen(new Length(json.path("screen").path(0).asLong()), new Length(json.path("screen").path(1).asLong()));
        return new PointingCheck(day, PointingCheck.How.valueOf(json.path("how").asString()), json.path("level").asInt(), screen, json.path("gap").asInt(),
            json.path("ended").asBoolean(false), tries);
    }

    private static @Nullable Cell cell(JsonNode row, int at) {
        return row.path(at).isNull() ? null : new Cell(row.path(at).asInt(), row.path(at + 1).asInt());
    }
}
