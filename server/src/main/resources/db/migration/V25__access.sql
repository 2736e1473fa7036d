-- How a student reaches what is on a board, as JSON in which what is as usual is left out: what a touch comes to, and scanning by switches.
ALTER TABLE student ADD COLUMN access TEXT;
