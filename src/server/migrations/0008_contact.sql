-- How the owner is reached: with the name, so that it goes with the name.
ALTER TABLE case_owners ADD COLUMN contact text;
