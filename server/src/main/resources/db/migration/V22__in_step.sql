-- What each version of a plan was made by: whoever comes with an older one is told what was done
-- since, and whether theirs has anything in common with it. Versions are counted for each piece.
CREATE TABLE plan_move (
  studio_id VARCHAR(40) NOT NULL,
  piece_id  VARCHAR(40) NOT NULL,
  version   BIGINT      NOT NULL,
  entry_id  BIGINT      NOT NULL,
  way       VARCHAR(10) NOT NULL,
  touched   MEDIUMTEXT  NULL,
  made_by   VARCHAR(40) NOT NULL,
  made_at   DATETIME(6) NOT NULL,
  PRIMARY KEY (piece_id, version),
  CONSTRAINT plan_move_studio FOREIGN KEY (studio_id) REFERENCES studio (id),
  CONSTRAINT plan_move_piece FOREIGN KEY (piece_id) REFERENCES piece (id) ON DELETE CASCADE
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

-- In which window a thing was changed last, and which of its changes that was: a window is not told
-- of what was done in it.
ALTER TABLE changed ADD COLUMN by_window VARCHAR(40) NOT NULL DEFAULT '';
ALTER TABLE changed ADD COLUMN by_times BIGINT NOT NULL DEFAULT 0;

-- Who looks at which face of which piece: a row for each window, written by whoever serves it, and
-- old as soon as nobody writes it any more.
CREATE TABLE presence (
  studio_id VARCHAR(40) NOT NULL,
  window_id VARCHAR(40) NOT NULL,
  person    VARCHAR(40) NOT NULL,
  piece_id  VARCHAR(45) NULL,
  face_id   VARCHAR(60) NULL,
  seen_at   DATETIME(6) NOT NULL,
  PRIMARY KEY (studio_id, window_id),
  KEY presence_age (seen_at),
  CONSTRAINT presence_studio FOREIGN KEY (studio_id) REFERENCES studio (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;
