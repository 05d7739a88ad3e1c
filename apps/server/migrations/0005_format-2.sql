-- Builds are kept in format 2 from here on: those of format 1 are raised when they are read, and kept so when they are saved next. No table changes; that a Hobrek
-- from before refuses this database, and that a dump is written first, is what this is for.
SELECT 1;