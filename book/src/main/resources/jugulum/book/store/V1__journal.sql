-- The journal is the truth: what was recorded is only ever added to.
CREATE TABLE journal (
  seq    INTEGER PRIMARY KEY AUTOINCREMENT,
  stream TEXT NOT NULL,
  at     TEXT NOT NULL,
  kind   TEXT NOT NULL CHECK (kind IN ('edit', 'undo', 'redo')),
  body   TEXT NOT NULL,
  crc    INTEGER NOT NULL
);

CREATE INDEX journal_by_stream ON journal (stream, seq);

CREATE TRIGGER journal_is_never_changed BEFORE UPDATE ON journal
BEGIN SELECT RAISE(ABORT, 'the journal is only added to'); END;

CREATE TRIGGER journal_is_never_shortened BEFORE DELETE ON journal
BEGIN SELECT RAISE(ABORT, 'the journal is only added to'); END;

-- What the journal of one batch comes to, for speed. Can be dropped and made again from the journal at any time.
CREATE TABLE snapshot (
  stream   TEXT PRIMARY KEY,
  seq      INTEGER NOT NULL,
  done     INTEGER NOT NULL,
  undone   INTEGER NOT NULL,
  name     TEXT NOT NULL,
  source   TEXT NOT NULL,
  received TEXT NOT NULL,
  state    TEXT NOT NULL,
  feed_g   REAL,
  won_g    REAL,
  body     TEXT,
  crc      INTEGER NOT NULL
) WITHOUT ROWID;

CREATE INDEX snapshot_by_day ON snapshot (received DESC, name, source, state, feed_g, won_g);

-- How this person likes to see things: unit, theme, the batch last open. No readings.
CREATE TABLE preference (
  name  TEXT PRIMARY KEY,
  value TEXT NOT NULL
) WITHOUT ROWID;
