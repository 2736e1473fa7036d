-- First boards that were made together: their first page opens each of them. Whoever sees a board sees its line; nothing of a child is kept here.
CREATE TABLE first_series (
    id INTEGER PRIMARY KEY,
    name TEXT NOT NULL,
    made_by INTEGER NOT NULL REFERENCES account (id),
    made_at TEXT NOT NULL
) STRICT;

CREATE TABLE first_series_board (
    series_id INTEGER NOT NULL REFERENCES first_series (id) ON DELETE CASCADE,
    place INTEGER NOT NULL,
    vocabulary_id INTEGER NOT NULL REFERENCES vocabulary (id) ON DELETE CASCADE,
    PRIMARY KEY (series_id, place)
) STRICT, WITHOUT ROWID;
CREATE INDEX first_series_of_board ON first_series_board (vocabulary_id);
