-- Word lists and how the supports made of them are set up. student_id: whom it is for; null for nobody in particular.
-- shared: on the school's shelf. name, words, support and pictures repeat what lists show, so that they open no document.
CREATE TABLE word_list (
    id             INTEGER PRIMARY KEY,
    student_id     TEXT REFERENCES student (id),
    owner          INTEGER NOT NULL REFERENCES account (id),
    shared         INTEGER NOT NULL DEFAULT 0,
    head           INTEGER NOT NULL,
    name           TEXT    NOT NULL,
    words          INTEGER NOT NULL,
    support        TEXT    NOT NULL,
    pictures       TEXT    NOT NULL,
    copied_from    INTEGER REFERENCES word_list (id),
    copied_version INTEGER,
    deleted_at     TEXT,
    deleted_by     INTEGER REFERENCES account (id)
) STRICT;
CREATE INDEX word_list_by_student ON word_list (student_id);
CREATE INDEX word_list_by_owner ON word_list (owner);

-- Versions in one line, as those of vocabularies; content: the whole list, JSON packed by deflate.
CREATE TABLE list_version (
    list_id    INTEGER NOT NULL REFERENCES word_list (id),
    number     INTEGER NOT NULL,
    made_at    TEXT    NOT NULL,
    account_id INTEGER NOT NULL REFERENCES account (id),
    told       TEXT    NOT NULL,
    name       TEXT,
    act        TEXT    NOT NULL CHECK (act IN ('CHANGE', 'BACK', 'AGAIN')),
    reversed   INTEGER NOT NULL DEFAULT 0,
    content    BLOB    NOT NULL,
    PRIMARY KEY (list_id, number)
) STRICT, WITHOUT ROWID;
