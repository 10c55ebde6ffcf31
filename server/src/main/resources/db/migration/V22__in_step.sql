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
