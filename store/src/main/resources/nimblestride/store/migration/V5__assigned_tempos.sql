-- The tempo at which a student is to play what is assigned; none for the exercise's own.
ALTER TABLE assignment ADD COLUMN tempo TEXT;
