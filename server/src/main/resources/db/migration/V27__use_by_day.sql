-- Words are let go, and bounded, by the day.
CREATE INDEX use_word_by_day ON use_word (student_id, day);
