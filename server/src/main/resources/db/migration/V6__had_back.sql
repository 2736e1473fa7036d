-- What was deleted is kept for a time, to be had back; until then it is as if it were not there.
ALTER TABLE student ADD COLUMN deleted_at TEXT;
ALTER TABLE student ADD COLUMN deleted_by INTEGER REFERENCES account (id);
ALTER TABLE vocabulary ADD COLUMN deleted_at TEXT;
ALTER TABLE vocabulary ADD COLUMN deleted_by INTEGER REFERENCES account (id);
