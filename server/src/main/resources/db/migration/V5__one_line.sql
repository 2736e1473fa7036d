-- V4 has filled the new tables from the old ones.
DROP TABLE version_change;
DROP TABLE version;
ALTER TABLE line RENAME TO version;
ALTER TABLE line_change RENAME TO version_change;
-- Whose change is the last that is not undone, and which the last undo.
CREATE INDEX version_by_person ON version (vocabulary_id, account_id, number);
CREATE UNIQUE INDEX account_sign_in_folded ON account (sign_in_folded);
