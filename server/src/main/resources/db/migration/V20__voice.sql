-- The voice chosen for a student: where it speaks, what it is called there, percent of the usual rate, pitch of 100; none for that of the device.
ALTER TABLE student ADD COLUMN voice TEXT;
