-- What was found out about how small cells may be that a student hits: each target and what was touched is in the document.
CREATE TABLE pointing_check (
    id         INTEGER PRIMARY KEY,
    student_id TEXT    NOT NULL REFERENCES student (id) ON DELETE CASCADE,
    day        TEXT    NOT NULL,
    account_id INTEGER NOT NULL REFERENCES account (id),
    document   TEXT    NOT NULL,
    made_at    TEXT    NOT NULL,
    deleted_at TEXT
) STRICT;
CREATE INDEX pointing_check_by_student ON pointing_check (student_id);
