-- Long work somebody asked for, and what came of it: a file in the folder jobs, kept for a day, or something told.
CREATE TABLE job (
    id         INTEGER PRIMARY KEY AUTOINCREMENT,
    account_id INTEGER NOT NULL REFERENCES account (id),
    what       TEXT    NOT NULL,
    state      TEXT    NOT NULL CHECK (state IN ('RUNNING', 'DONE', 'FAILED', 'CANCELLED')),
    file       TEXT,
    type       TEXT,
    told       TEXT,
    made_at    TEXT    NOT NULL
) STRICT;
CREATE INDEX job_by_account ON job (account_id, made_at);
