-- What was said of a picture or a sound of the school's own, by whoever brought it: it hangs on the bytes, and holds as long as they stand anywhere,
-- whatever becomes of the picture in the collection. shows: whom; STUDENT: the one it is for. audience: for whom it may be used, student_id only
-- with STUDENT. With origin: name (for the credit, if nothing better is known), author, licence, source; without, it came with a package.
CREATE TABLE said (
    id          INTEGER PRIMARY KEY,
    media_id    TEXT    NOT NULL REFERENCES media (id) ON DELETE CASCADE,
    taken_in_by INTEGER NOT NULL REFERENCES account (id),
    shows       TEXT    NOT NULL CHECK (shows IN ('NOBODY', 'STUDENT', 'OTHERS', 'NOT_SAID')),
    audience    TEXT    NOT NULL CHECK (audience IN ('STUDENT', 'MINE', 'SCHOOL')),
    student_id  TEXT    REFERENCES student (id),
    origin      TEXT    CHECK (origin IN ('OWN_PHOTO', 'LICENCE', 'PERMISSION')),
    name        TEXT    NOT NULL,
    author      TEXT    NOT NULL,
    licence     TEXT    NOT NULL,
    source      TEXT    NOT NULL,
    CHECK ((audience = 'STUDENT') = (student_id IS NOT NULL)),
    CHECK (shows <> 'STUDENT' OR student_id IS NOT NULL)
) STRICT;
CREATE INDEX said_by_media ON said (media_id);

-- Whether it showed the student or somebody else was not asked before: so it may be somebody else.
INSERT INTO said (id, media_id, taken_in_by, shows, audience, student_id, origin, name, author, licence, source)
SELECT id, media_id, owner, CASE person WHEN 0 THEN 'NOBODY' ELSE 'OTHERS' END, audience, student_id, origin, json_extract(words, '$[0]'), author, licence,
    source FROM own_picture;

-- What the school offers of its own. words and categories are JSON lists, the first word is the name. file: SHA-256 of the file as it came, so that
-- the same file twice is one picture.
CREATE TABLE collected (
    id         INTEGER PRIMARY KEY,
    said       INTEGER NOT NULL REFERENCES said (id),
    file       TEXT    NOT NULL,
    words      TEXT    NOT NULL,
    categories TEXT    NOT NULL,
    made_at    TEXT    NOT NULL
) STRICT;
INSERT INTO collected (id, said, file, words, categories, made_at)
SELECT id, id, file, words, categories, made_at FROM own_picture WHERE retired_at IS NULL;
CREATE INDEX collected_by_said ON collected (said);
CREATE INDEX collected_by_file ON collected (file);
DROP TABLE own_picture;

-- Without a paper of its own a school prints on what its country does. Where nobody has an account yet, nobody has chosen.
CREATE TABLE school_now (
    id    INTEGER PRIMARY KEY CHECK (id = 1),
    paper TEXT CHECK (paper IN ('A4', 'LETTER'))
) STRICT;
INSERT INTO school_now (id, paper) SELECT id, CASE WHEN EXISTS (SELECT 1 FROM account) THEN paper END FROM school;
DROP TABLE school;
ALTER TABLE school_now RENAME TO school;
