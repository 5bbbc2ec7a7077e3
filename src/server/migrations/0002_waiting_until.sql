-- Until when a parked case is thought to wait; null where nobody can say.
ALTER TABLE cases ADD COLUMN waiting_until timestamptz;
