package org.dwimble.server.database;

import java.sql.SQLException;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;

/** What went wrong in the database, told apart by what can be done about it: SQLite gives one code to every broken constraint. */
public final class DatabaseTrouble extends RuntimeException {

    public enum What {
        STANDS_TWICE, ORPHAN, NOT_ALLOWED, BUSY, DISK_FULL, OTHER
    }

    private final What what;

    private DatabaseTrouble(What what, SQLException cause) {
        super(what + ": " + cause.getMessage(), cause);
        this.what = what;
    }

    public What what() {
        return what;
    }

    static DatabaseTrouble of(SQLException e) {
        return new DatabaseTrouble(sort(e), e);
    }

    private static What sort(SQLException e) {
        SQLiteErrorCode code = e instanceof SQLiteException s ? s.getResultCode() : SQLiteErrorCode.UNKNOWN_ERROR;
        return switch (code) {
            case SQLITE_CONSTRAINT_UNIQUE, SQLITE_CONSTRAINT_PRIMARYKEY -> What.STANDS_TWICE;
            case SQLITE_CONSTRAINT_FOREIGNKEY -> What.ORPHAN;
            case SQLITE_CONSTRAINT, SQLITE_CONSTRAINT_CHECK, SQLITE_CONSTRAINT_NOTNULL, SQLITE_CONSTRAINT_DATATYPE -> What.NOT_ALLOWED;
            case SQLITE_BUSY, SQLITE_BUSY_SNAPSHOT, SQLITE_LOCKED -> What.BUSY;
            case SQLITE_FULL, SQLITE_IOERR_SHMSIZE, SQLITE_IOERR_SHMOPEN, SQLITE_IOERR_WRITE -> What.DISK_FULL;
            default -> What.OTHER;
        };
    }
}
