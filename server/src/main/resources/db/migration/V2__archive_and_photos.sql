-- A piece that is put away keeps its plan, its history and its photos.
ALTER TABLE piece ADD COLUMN archived_at DATETIME(6) NULL;

-- Photos of a piece, decoded and written anew before they come here: no metadata is kept.
CREATE TABLE photo (
  id        VARCHAR(40)  NOT NULL PRIMARY KEY,
  studio_id VARCHAR(40)  NOT NULL,
  piece_id  VARCHAR(40)  NOT NULL,
  stage     VARCHAR(20)  NOT NULL,
  caption   VARCHAR(200) NOT NULL,
  face_id   VARCHAR(60)  NULL,
  width_px  INT          NOT NULL,
  height_px INT          NOT NULL,
  picture   LONGBLOB     NOT NULL,
  thumbnail MEDIUMBLOB   NOT NULL,
  made_at   DATETIME(6)  NOT NULL,
  CONSTRAINT photo_studio FOREIGN KEY (studio_id) REFERENCES studio (id),
  CONSTRAINT photo_piece FOREIGN KEY (piece_id) REFERENCES piece (id),
  INDEX photo_of_piece (piece_id, made_at)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;
