-- A picture that was retouched or deleted, and still stands somewhere, keeps what was said of it: for whom it is, whom it shows, whose it is.
-- It is no longer found or offered.
ALTER TABLE own_picture ADD COLUMN retired_at TEXT;

-- Which pictures of one's own each version of a word list shows, so that none goes that one still has.
CREATE TABLE list_media (
    list_id  INTEGER NOT NULL,
    number   INTEGER NOT NULL,
    media_id TEXT    NOT NULL REFERENCES media (id),
    PRIMARY KEY (list_id, number, media_id),
    FOREIGN KEY (list_id, number) REFERENCES list_version (list_id, number)
) STRICT, WITHOUT ROWID;
CREATE INDEX list_media_by_media ON list_media (media_id);

-- What somebody has to be allowed to see still when the result is fetched: kinds and ids, such as "list:5 student:ilse".
ALTER TABLE job ADD COLUMN needs TEXT NOT NULL DEFAULT '';

-- What the school as a whole has chosen. paper: what it prints on, and so whether lengths are told in millimetres or inches.
CREATE TABLE school (
    id    INTEGER PRIMARY KEY CHECK (id = 1),
    paper TEXT NOT NULL CHECK (paper IN ('A4', 'LETTER'))
) STRICT;
INSERT INTO school (id, paper) VALUES (1, 'A4');
