-- What the school pays with, as an ISO 4217 code, and so of which country coins are drawn; none for what its country does.
ALTER TABLE school ADD COLUMN money TEXT;
