-- How pictures look to a student.
ALTER TABLE student ADD COLUMN look TEXT NOT NULL DEFAULT 'COLOUR';
ALTER TABLE student ADD COLUMN tone TEXT NOT NULL DEFAULT 'YELLOW';
ALTER TABLE student ADD COLUMN hair TEXT NOT NULL DEFAULT 'USUAL';

-- Pictures a school has taken in itself. words and categories are JSON lists, the first word is the name.
-- file: SHA-256 of the file as it came, so that the same file twice is one picture; media_id: what is shown, re-drawn
-- and without what a camera writes into a photo. audience: who may use it; student_id only with STUDENT.
CREATE TABLE own_picture (
    id         INTEGER PRIMARY KEY,
    media_id   TEXT    NOT NULL REFERENCES media (id),
    file       TEXT    NOT NULL,
    words      TEXT    NOT NULL,
    categories TEXT    NOT NULL,
    audience   TEXT    NOT NULL CHECK (audience IN ('STUDENT', 'MINE', 'SCHOOL')),
    student_id TEXT    REFERENCES student (id),
    owner      INTEGER NOT NULL REFERENCES account (id),
    person     INTEGER NOT NULL,
    origin     TEXT    NOT NULL CHECK (origin IN ('OWN_PHOTO', 'LICENCE', 'PERMISSION')),
    author     TEXT    NOT NULL,
    licence    TEXT    NOT NULL,
    source     TEXT    NOT NULL,
    made_at    TEXT    NOT NULL,
    CHECK ((audience = 'STUDENT') = (student_id IS NOT NULL))
) STRICT;
CREATE INDEX own_picture_by_media ON own_picture (media_id);
CREATE INDEX own_picture_by_file ON own_picture (file);
CREATE INDEX own_picture_by_student ON own_picture (student_id);
CREATE INDEX own_picture_by_owner ON own_picture (owner);

-- What was chosen for a word for a student, instead of what is found by itself. word: folded; null: not chosen.
CREATE TABLE word_choice (
    student_id TEXT NOT NULL REFERENCES student (id),
    word       TEXT NOT NULL,
    picture    TEXT,
    kind       TEXT,
    PRIMARY KEY (student_id, word)
) STRICT, WITHOUT ROWID;

-- How often, and when last, a picture was put on a student's boards.
CREATE TABLE picture_use (
    student_id TEXT    NOT NULL REFERENCES student (id),
    picture    TEXT    NOT NULL,
    times      INTEGER NOT NULL,
    used_at    TEXT    NOT NULL,
    PRIMARY KEY (student_id, picture)
) STRICT, WITHOUT ROWID;
