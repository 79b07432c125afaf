-- Each row says which bench wrote it in which action, and is chained to the row before it in its stream: its chain covers all it says and that row's
-- chain. The rows there are get theirs in the same opening, see Schema, which makes the trigger again.
DROP TRIGGER journal_is_never_changed;
ALTER TABLE journal ADD COLUMN bench TEXT NOT NULL DEFAULT '';
ALTER TABLE journal ADD COLUMN action TEXT NOT NULL DEFAULT '';
ALTER TABLE journal ADD COLUMN chain TEXT NOT NULL DEFAULT '';
CREATE INDEX journal_by_action ON journal (action) WHERE action <> '';

-- The chain of each stream's last row, so that a row gone at the end is missed.
ALTER TABLE stream ADD COLUMN chain TEXT NOT NULL DEFAULT '';

-- By which rule it was made; what was kept before rules had numbers is by none.
ALTER TABLE kept ADD COLUMN rule INTEGER NOT NULL DEFAULT 0;

-- The checksum of the lines; null for those made before.
ALTER TABLE projected ADD COLUMN crc INTEGER;

-- Which opening of the book wrote last: the same is noted in the lock beside it. So edits that stand in a file beside another book than they were
-- written to are told from its own.
CREATE TABLE opening (stamp TEXT NOT NULL);
INSERT INTO opening VALUES ('');
