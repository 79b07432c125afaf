-- Copies of pictures specks were counted in, each by the SHA-256 of the file it was made of: readings name it by that. None is changed or taken away.
CREATE TABLE picture (
  sha256 TEXT PRIMARY KEY,
  jpeg   BLOB NOT NULL,
  own    TEXT NOT NULL
);

CREATE TRIGGER picture_is_never_changed BEFORE UPDATE ON picture
BEGIN SELECT RAISE(ABORT, 'pictures are only added to'); END;

CREATE TRIGGER picture_is_never_taken_away BEFORE DELETE ON picture
BEGIN SELECT RAISE(ABORT, 'pictures are only added to'); END;
