-- V13 and V14 have filled the lines from these.
DROP TABLE list_media;
DROP TABLE list_version;
DROP TABLE version_change;
DROP TABLE version;
DROP TABLE head;
ALTER TABLE line_version RENAME TO version;
ALTER TABLE line_change RENAME TO version_change;
ALTER TABLE line_head RENAME TO head;
ALTER TABLE vocabulary DROP COLUMN head;
ALTER TABLE word_list DROP COLUMN head;
-- Whose change is the last that is not undone, and which the last undo.
CREATE INDEX version_by_person ON version (line, account_id, number);
