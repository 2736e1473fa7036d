-- What a copy was made of, as it was then, and why, in somebody's words.
ALTER TABLE vocabulary ADD COLUMN copied_from INTEGER REFERENCES vocabulary (id);
ALTER TABLE vocabulary ADD COLUMN copied_version INTEGER;
ALTER TABLE vocabulary ADD COLUMN note TEXT;
