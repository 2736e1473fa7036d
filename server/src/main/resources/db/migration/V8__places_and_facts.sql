-- A change that would take a shown word from its place needs a second step, with the reason.
ALTER TABLE student ADD COLUMN places_kept INTEGER NOT NULL DEFAULT 0;

-- What is true of a student, for the team's owners and editors alone.
CREATE TABLE fact (
    id INTEGER PRIMARY KEY,
    student_id TEXT NOT NULL REFERENCES student (id) ON DELETE CASCADE,
    what TEXT NOT NULL,
    about TEXT NOT NULL,
    note TEXT NOT NULL,
    said_by TEXT NOT NULL,
    account_id INTEGER NOT NULL REFERENCES account (id),
    made_at TEXT NOT NULL
) STRICT;
CREATE INDEX fact_of_student ON fact (student_id);
