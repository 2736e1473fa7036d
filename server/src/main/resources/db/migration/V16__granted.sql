-- Who may do what: one line for each of somebody and a thing. sort and thing: the school (''), a student and with it all that is the student's, a
-- vocabulary, a list. To whom: an account, the team of a student, or, with neither, everybody who can sign in. role: as core/grant/Role has it.
CREATE TABLE granted (
    sort       TEXT NOT NULL CHECK (sort IN ('school', 'student', 'vocabulary', 'list', 'picture')),
    thing      TEXT NOT NULL,
    account_id INTEGER REFERENCES account (id),
    team       TEXT REFERENCES student (id),
    role       TEXT NOT NULL,
    CHECK (account_id IS NULL OR team IS NULL)
) STRICT;
CREATE UNIQUE INDEX granted_once ON granted (sort, thing, ifnull(account_id, 0), ifnull(team, ''));
CREATE INDEX granted_to ON granted (account_id, sort);

INSERT INTO granted (sort, thing, account_id, role) SELECT 'student', student_id, account_id, role FROM team;
INSERT INTO granted (sort, thing, account_id, role) SELECT 'school', '', id, 'KEEPER' FROM account WHERE admin = 1;
INSERT INTO granted (sort, thing, role) SELECT 'vocabulary', CAST(id AS TEXT), 'VIEWER' FROM vocabulary WHERE student_id IS NULL;
INSERT INTO granted (sort, thing, account_id, role) SELECT 'list', CAST(id AS TEXT), owner, 'OWNER' FROM word_list WHERE student_id IS NULL;
INSERT INTO granted (sort, thing, role) SELECT 'list', CAST(id AS TEXT), 'VIEWER' FROM word_list WHERE shared = 1;
DROP TABLE team;
ALTER TABLE account DROP COLUMN admin;
ALTER TABLE word_list DROP COLUMN shared;
