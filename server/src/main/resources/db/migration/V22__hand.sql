-- What a student's hand needs on a screen: the least cell and the gap in micrometres, then the reason; none if nothing was found right.
ALTER TABLE student ADD COLUMN hand TEXT;
