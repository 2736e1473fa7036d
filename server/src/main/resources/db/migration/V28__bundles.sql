-- A bundle: boards of nobody, on the shelf of one's own. Who may do what with it says the table of grants, as for every vocabulary.
-- SQLite cannot change a CHECK: the table is made anew (https://www.sqlite.org/lang_altertable.html, section 7).
CREATE TABLE vocabulary_now (
    id             INTEGER PRIMARY KEY,
    student_id     TEXT REFERENCES student (id),
    starter        TEXT UNIQUE,
    about          TEXT,
    bundled_by     INTEGER REFERENCES account (id),
    name           TEXT    NOT NULL DEFAULT '',
    home_rows      INTEGER NOT NULL DEFAULT 0,
    home_columns   INTEGER NOT NULL DEFAULT 0,
    deleted_at     TEXT,
    deleted_by     INTEGER REFERENCES account (id),
    copied_from    INTEGER REFERENCES vocabulary (id),
    copied_version INTEGER,
    note           TEXT,
    CHECK ((student_id IS NOT NULL) + (starter IS NOT NULL) + (bundled_by IS NOT NULL) = 1)
) STRICT;
INSERT INTO vocabulary_now (id, student_id, starter, about, name, home_rows, home_columns, deleted_at, deleted_by, copied_from, copied_version, note)
SELECT id, student_id, starter, about, name, home_rows, home_columns, deleted_at, deleted_by, copied_from, copied_version, note FROM vocabulary;
DROP TABLE vocabulary;
ALTER TABLE vocabulary_now RENAME TO vocabulary;
CREATE INDEX vocabulary_by_student ON vocabulary (student_id);
