-- People and who may see whom.
CREATE TABLE account (
    id       INTEGER PRIMARY KEY,
    sign_in  TEXT NOT NULL UNIQUE COLLATE NOCASE,
    name     TEXT NOT NULL,
    work     TEXT NOT NULL,
    password TEXT NOT NULL,
    admin    INTEGER NOT NULL DEFAULT 0
) STRICT;

-- Screen sides in micrometres.
CREATE TABLE student (
    id            TEXT PRIMARY KEY,
    name          TEXT NOT NULL,
    school_year   INTEGER,
    class_name    TEXT NOT NULL,
    screen_width  INTEGER NOT NULL,
    screen_height INTEGER NOT NULL
) STRICT;

CREATE TABLE team (
    student_id TEXT    NOT NULL REFERENCES student (id),
    account_id INTEGER NOT NULL REFERENCES account (id),
    role       TEXT    NOT NULL CHECK (role IN ('OWNER', 'EDITOR', 'VIEWER')),
    PRIMARY KEY (student_id, account_id)
) STRICT, WITHOUT ROWID;
CREATE INDEX team_by_account ON team (account_id);

-- Pictures and sounds from outside the library, once each, by the SHA-256 of their bytes in hexadecimal.
CREATE TABLE media (
    id           TEXT PRIMARY KEY,
    content_type TEXT NOT NULL,
    bytes        BLOB NOT NULL
) STRICT;

-- An immutable document, once each, by the SHA-256 of its canonical JSON.
CREATE TABLE revision (
    id   INTEGER PRIMARY KEY,
    hash BLOB NOT NULL UNIQUE,
    json BLOB NOT NULL
) STRICT;

CREATE TABLE revision_media (
    revision_id INTEGER NOT NULL REFERENCES revision (id),
    media_id    TEXT    NOT NULL REFERENCES media (id),
    PRIMARY KEY (revision_id, media_id)
) STRICT, WITHOUT ROWID;
CREATE INDEX revision_media_by_media ON revision_media (media_id);

-- head: the number of the version that is in force. A vocabulary without a student is a starter.
CREATE TABLE vocabulary (
    id         INTEGER PRIMARY KEY,
    student_id TEXT REFERENCES student (id),
    starter    TEXT UNIQUE,
    about      TEXT,
    head       INTEGER NOT NULL,
    CHECK ((student_id IS NULL) <> (starter IS NULL))
) STRICT;
CREATE INDEX vocabulary_by_student ON vocabulary (student_id);

-- The documents in force. The document '' belongs to the whole vocabulary, the others are boards by id.
CREATE TABLE head (
    vocabulary_id INTEGER NOT NULL REFERENCES vocabulary (id),
    document      TEXT    NOT NULL,
    revision_id   INTEGER NOT NULL REFERENCES revision (id),
    PRIMARY KEY (vocabulary_id, document)
) STRICT, WITHOUT ROWID;

-- Numbers grow from parent to child. Undo moves vocabulary.head to the parent; nothing is deleted.
CREATE TABLE version (
    vocabulary_id INTEGER NOT NULL REFERENCES vocabulary (id),
    number        INTEGER NOT NULL,
    parent        INTEGER,
    made_at       TEXT    NOT NULL,
    account_id    INTEGER REFERENCES account (id),
    summary       TEXT    NOT NULL,
    name          TEXT,
    words         INTEGER NOT NULL,
    shown         INTEGER NOT NULL,
    boards        INTEGER NOT NULL,
    buttons       INTEGER NOT NULL,
    PRIMARY KEY (vocabulary_id, number)
) STRICT, WITHOUT ROWID;
CREATE INDEX version_by_parent ON version (vocabulary_id, parent);

-- What a version changed: the revision of a document before and after; null where it did not exist.
CREATE TABLE version_change (
    vocabulary_id INTEGER NOT NULL,
    version       INTEGER NOT NULL,
    document      TEXT    NOT NULL,
    before        INTEGER REFERENCES revision (id),
    after         INTEGER REFERENCES revision (id),
    PRIMARY KEY (vocabulary_id, version, document),
    FOREIGN KEY (vocabulary_id, version) REFERENCES version (vocabulary_id, number)
) STRICT, WITHOUT ROWID;
