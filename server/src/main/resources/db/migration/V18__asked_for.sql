-- Words somebody put on a board for which there was no picture, for whoever draws: the word alone, of the whole school, never whose it was.
CREATE TABLE asked_for (
    word    TEXT PRIMARY KEY,
    times   INTEGER NOT NULL,
    last_at TEXT NOT NULL
) STRICT, WITHOUT ROWID;
