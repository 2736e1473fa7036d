-- Where the school is: its time zone (IANA) and half of the earth; none for what this machine's is.
ALTER TABLE school ADD COLUMN zone TEXT;
ALTER TABLE school ADD COLUMN half TEXT;
-- Where the student is; none for where the school is.
ALTER TABLE student ADD COLUMN zone TEXT;

-- Days a student looks forward to. What is known of them is known as facts are.
CREATE TABLE own_day (
    id INTEGER PRIMARY KEY,
    student_id TEXT NOT NULL REFERENCES student (id) ON DELETE CASCADE,
    name TEXT NOT NULL,
    day TEXT NOT NULL,
    comes TEXT NOT NULL
) STRICT;
CREATE INDEX own_day_of_student ON own_day (student_id);
