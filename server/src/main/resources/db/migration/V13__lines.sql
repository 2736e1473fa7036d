-- Whatever is kept in versions has a line of them: sort and thing say what it is of, head which version is in force.
CREATE TABLE line (
    id    INTEGER PRIMARY KEY,
    sort  TEXT    NOT NULL,
    thing INTEGER NOT NULL,
    head  INTEGER NOT NULL,
    UNIQUE (sort, thing)
) STRICT;
INSERT INTO line (sort, thing, head) SELECT 'vocabulary', id, head FROM vocabulary;
INSERT INTO line (sort, thing, head) SELECT 'list', id, head FROM word_list;

-- A version never changes once made, but for the name it may be given. told: what happened, as data. act: a change, taking one back (BACK), or
-- making one again that was taken back (AGAIN); reverses: the version it reverses, where that was kept; reversed: 1 once another did that to it.
-- words to buttons: what it held, so that nothing has to be opened to be counted; NULL where nothing is counted.
CREATE TABLE line_version (
    line       INTEGER NOT NULL REFERENCES line (id),
    number     INTEGER NOT NULL,
    made_at    TEXT    NOT NULL,
    account_id INTEGER REFERENCES account (id),
    told       TEXT    NOT NULL,
    name       TEXT,
    act        TEXT    NOT NULL CHECK (act IN ('CHANGE', 'BACK', 'AGAIN')),
    reverses   INTEGER,
    reversed   INTEGER NOT NULL DEFAULT 0,
    words      INTEGER,
    shown      INTEGER,
    boards     INTEGER,
    buttons    INTEGER,
    PRIMARY KEY (line, number)
) STRICT, WITHOUT ROWID;
INSERT INTO line_version (line, number, made_at, account_id, told, name, act, reverses, reversed, words, shown, boards, buttons)
    SELECT l.id, v.number, v.made_at, v.account_id, v.told, v.name, v.act, v.reverses, v.reversed, v.words, v.shown, v.boards, v.buttons
    FROM version v JOIN line l ON l.sort = 'vocabulary' AND l.thing = v.vocabulary_id;
INSERT INTO line_version (line, number, made_at, account_id, told, name, act, reversed)
    SELECT l.id, v.number, v.made_at, v.account_id, v.told, v.name, v.act, v.reversed
    FROM list_version v JOIN line l ON l.sort = 'list' AND l.thing = v.list_id;

-- What a version changed: the revision of a document before and after; null where it did not exist.
CREATE TABLE line_change (
    line     INTEGER NOT NULL,
    version  INTEGER NOT NULL,
    document TEXT    NOT NULL,
    before   INTEGER REFERENCES revision (id),
    after    INTEGER REFERENCES revision (id),
    PRIMARY KEY (line, version, document),
    FOREIGN KEY (line, version) REFERENCES line_version (line, number)
) STRICT, WITHOUT ROWID;
INSERT INTO line_change (line, version, document, before, after)
    SELECT l.id, c.version, c.document, c.before, c.after FROM version_change c JOIN line l ON l.sort = 'vocabulary' AND l.thing = c.vocabulary_id;

-- The documents in force. '' is the document of the whole, and the only one where there are no parts.
CREATE TABLE line_head (
    line        INTEGER NOT NULL REFERENCES line (id),
    document    TEXT    NOT NULL,
    revision_id INTEGER NOT NULL REFERENCES revision (id),
    PRIMARY KEY (line, document)
) STRICT, WITHOUT ROWID;
INSERT INTO line_head (line, document, revision_id)
    SELECT l.id, h.document, h.revision_id FROM head h JOIN line l ON l.sort = 'vocabulary' AND l.thing = h.vocabulary_id;
