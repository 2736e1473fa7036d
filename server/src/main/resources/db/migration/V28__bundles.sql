-- A bundle: boards of nobody, on the shelf of one's own. Who may do what with it says the table of grants, as for every vocabulary.
-- SQLite cannot change a CHECK: the table is made anew. What refers to it is set aside meanwhile, so that no reference is followed when it goes.
CREATE TABLE copied_aside AS SELECT id, copied_from FROM vocabulary WHERE copied_from IS NOT NULL;
CREATE TABLE series_aside AS SELECT series_id, place, vocabulary_id FROM first_series_board;
DELETE FROM first_series_board;
UPDATE vocabulary SET copied_from = NULL;
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
INSERT INTO vocabulary_now (id, student_id, starter, about, name, home_rows, home_columns, deleted_at, deleted_by, copied_version, note)
SELECT id, student_id, starter, about, name, home_rows, home_columns, deleted_at, deleted_by, copied_version, note FROM vocabulary;
DROP TABLE vocabulary;
ALTER TABLE vocabulary_now RENAME TO vocabulary;
CREATE INDEX vocabulary_by_student ON vocabulary (student_id);
UPDATE vocabulary SET copied_from = (SELECT a.copied_from FROM copied_aside a WHERE a.id = vocabulary.id) WHERE id IN (SELECT id FROM copied_aside);
INSERT INTO first_series_board (series_id, place, vocabulary_id) SELECT series_id, place, vocabulary_id FROM series_aside;
DROP TABLE copied_aside;
DROP TABLE series_aside;
