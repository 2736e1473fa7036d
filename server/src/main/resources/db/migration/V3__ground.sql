-- Documents are kept small: packed by deflate, alone or against one earlier revision that is itself packed alone.
-- PLAIN: as the first release kept them, JSON as it is.
ALTER TABLE revision RENAME COLUMN json TO content;
ALTER TABLE revision ADD COLUMN packing TEXT NOT NULL DEFAULT 'PLAIN' CHECK (packing IN ('PLAIN', 'ALONE', 'AGAINST'));
ALTER TABLE revision ADD COLUMN against INTEGER REFERENCES revision (id);

-- What lists show of a vocabulary, so that they open no document.
ALTER TABLE vocabulary ADD COLUMN name TEXT NOT NULL DEFAULT '';
ALTER TABLE vocabulary ADD COLUMN home_rows INTEGER NOT NULL DEFAULT 0;
ALTER TABLE vocabulary ADD COLUMN home_columns INTEGER NOT NULL DEFAULT 0;
UPDATE vocabulary SET
    name = (SELECT json_extract(d.content, '$.name') FROM head h JOIN revision d ON d.id = h.revision_id WHERE h.vocabulary_id = vocabulary.id AND h.document = ''),
    home_rows = (SELECT json_extract(b.content, '$.rows') FROM head h JOIN revision d ON d.id = h.revision_id
        JOIN head bh ON bh.vocabulary_id = h.vocabulary_id AND bh.document = json_extract(d.content, '$.home') JOIN revision b ON b.id = bh.revision_id
        WHERE h.vocabulary_id = vocabulary.id AND h.document = ''),
    home_columns = (SELECT json_extract(b.content, '$.columns') FROM head h JOIN revision d ON d.id = h.revision_id
        JOIN head bh ON bh.vocabulary_id = h.vocabulary_id AND bh.document = json_extract(d.content, '$.home') JOIN revision b ON b.id = bh.revision_id
        WHERE h.vocabulary_id = vocabulary.id AND h.document = '');

-- The name to sign in with, folded, so that Ödile and ödile are one.
ALTER TABLE account ADD COLUMN sign_in_folded TEXT;

-- Versions in one line: the newest is what holds. told: what happened, as data. act: a change, taking one back (BACK), or
-- making one again that was taken back (AGAIN); reverses: the version it reverses; reversed: 1 once another did that to it.
CREATE TABLE line (
    vocabulary_id INTEGER NOT NULL REFERENCES vocabulary (id),
    number        INTEGER NOT NULL,
    made_at       TEXT    NOT NULL,
    account_id    INTEGER REFERENCES account (id),
    told          TEXT    NOT NULL,
    name          TEXT,
    act           TEXT    NOT NULL CHECK (act IN ('CHANGE', 'BACK', 'AGAIN')),
    reverses      INTEGER,
    reversed      INTEGER NOT NULL DEFAULT 0,
    words         INTEGER NOT NULL,
    shown         INTEGER NOT NULL,
    boards        INTEGER NOT NULL,
    buttons       INTEGER NOT NULL,
    PRIMARY KEY (vocabulary_id, number),
    CHECK ((act = 'CHANGE') = (reverses IS NULL))
) STRICT, WITHOUT ROWID;

CREATE TABLE line_change (
    vocabulary_id INTEGER NOT NULL,
    version       INTEGER NOT NULL,
    document      TEXT    NOT NULL,
    before        INTEGER REFERENCES revision (id),
    after         INTEGER REFERENCES revision (id),
    PRIMARY KEY (vocabulary_id, version, document),
    FOREIGN KEY (vocabulary_id, version) REFERENCES line (vocabulary_id, number)
) STRICT, WITHOUT ROWID;
