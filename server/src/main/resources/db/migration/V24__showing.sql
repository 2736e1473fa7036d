-- As what a list stands on its student's row, repeated here so that the row opens no document; null if it does not.
ALTER TABLE word_list ADD COLUMN shown_as TEXT;
-- What somebody said today of something in a day in pictures: over, not over yet, not today. It holds for that day, where the student is.
CREATE TABLE day_mark (
    list_id INTEGER NOT NULL REFERENCES word_list (id) ON DELETE CASCADE,
    day     TEXT    NOT NULL,
    word    TEXT    NOT NULL,
    mark    TEXT    NOT NULL CHECK (mark IN ('OVER', 'NOT_OVER', 'NOT_TODAY')),
    PRIMARY KEY (list_id, day, word)
) STRICT, WITHOUT ROWID;
