-- What is kept of what a student says, where somebody said that it may be: null if nobody was asked.
ALTER TABLE student ADD COLUMN use_kept TEXT CHECK (use_kept IN ('NOTHING', 'COUNTS', 'MESSAGES'));
-- How often a word was said on a day of the student's. The word is folded, as core/use has it.
CREATE TABLE use_word (
    student_id TEXT    NOT NULL REFERENCES student (id) ON DELETE CASCADE,
    word       TEXT    NOT NULL,
    day        TEXT    NOT NULL,
    times      INTEGER NOT NULL CHECK (times > 0),
    PRIMARY KEY (student_id, word, day)
) STRICT, WITHOUT ROWID;
CREATE TABLE use_message (
    id         INTEGER PRIMARY KEY,
    student_id TEXT NOT NULL REFERENCES student (id) ON DELETE CASCADE,
    said_at    TEXT NOT NULL,
    text       TEXT NOT NULL
) STRICT;
CREATE INDEX use_message_of ON use_message (student_id, said_at);
-- What was sent once is not counted twice, though its answer was lost on the way.
CREATE TABLE use_sent (
    id         TEXT PRIMARY KEY,
    student_id TEXT NOT NULL REFERENCES student (id) ON DELETE CASCADE,
    at         TEXT NOT NULL
) STRICT, WITHOUT ROWID;
