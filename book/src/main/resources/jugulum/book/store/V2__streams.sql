-- The journal becomes one of streams of any kind: each row has its place in its stream, says who wrote it and in which form.
CREATE TABLE journal_of_streams (
  seq     INTEGER PRIMARY KEY AUTOINCREMENT,
  kind    TEXT NOT NULL,
  stream  TEXT NOT NULL,
  version INTEGER NOT NULL,
  at      TEXT NOT NULL,
  who     TEXT NOT NULL,
  act     TEXT NOT NULL CHECK (act IN ('edit', 'undo', 'redo')),
  form    INTEGER NOT NULL,
  body    TEXT NOT NULL,
  crc     INTEGER NOT NULL,
  UNIQUE (kind, stream, version)
);

INSERT INTO journal_of_streams (seq, kind, stream, version, at, who, act, form, body, crc)
SELECT seq, CASE stream WHEN 'shop' THEN 'shop' ELSE 'batch' END, stream,
       row_number() OVER (PARTITION BY stream ORDER BY seq), at, '', kind, 1, body, crc
FROM journal ORDER BY seq;

DROP TABLE journal;
ALTER TABLE journal_of_streams RENAME TO journal;

CREATE TRIGGER journal_is_never_changed BEFORE UPDATE ON journal
BEGIN SELECT RAISE(ABORT, 'the journal is only added to'); END;

CREATE TRIGGER journal_is_never_shortened BEFORE DELETE ON journal
BEGIN SELECT RAISE(ABORT, 'the journal is only added to'); END;

-- The last version of each stream, for speed.
CREATE TABLE stream (
  kind    TEXT NOT NULL,
  stream  TEXT NOT NULL,
  version INTEGER NOT NULL,
  PRIMARY KEY (kind, stream)
) WITHOUT ROWID;

INSERT INTO stream SELECT kind, stream, max(version) FROM journal GROUP BY kind, stream;

-- What a stream came to at some version, for speed. Can be dropped at any time.
CREATE TABLE kept (
  kind     TEXT NOT NULL,
  stream   TEXT NOT NULL,
  version  INTEGER NOT NULL,
  undoable INTEGER NOT NULL,
  redoable INTEGER NOT NULL,
  form     INTEGER NOT NULL,
  body     TEXT,
  crc      INTEGER NOT NULL,
  PRIMARY KEY (kind, stream)
) WITHOUT ROWID;

INSERT INTO kept
SELECT 'batch', s.stream, (SELECT count(*) FROM journal j WHERE j.kind = 'batch' AND j.stream = s.stream AND j.seq <= s.seq), s.done, s.undone, 1, s.body, s.crc
FROM snapshot s;

DROP TABLE snapshot;

-- The tables that follow from streams: by which rule the lines of each are made, and of which version of each stream they are.
CREATE TABLE projection (
  name TEXT PRIMARY KEY,
  fold INTEGER NOT NULL
) WITHOUT ROWID;

CREATE TABLE projected (
  name    TEXT NOT NULL,
  kind    TEXT NOT NULL,
  stream  TEXT NOT NULL,
  version INTEGER NOT NULL,
  PRIMARY KEY (name, kind, stream)
) WITHOUT ROWID;
