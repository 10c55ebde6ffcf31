-- Where a face lies on a photo: places that are known on both, by their names on the face.
CREATE TABLE sighting (
  photo_id   VARCHAR(40) NOT NULL,
  face_id    VARCHAR(80) NOT NULL,
  studio_id  VARCHAR(40) NOT NULL,
  pins       TEXT        NOT NULL,
  version    BIGINT      NOT NULL,
  changed_at DATETIME(6) NOT NULL,
  PRIMARY KEY (photo_id, face_id),
  KEY sighting_studio_id (studio_id),
  CONSTRAINT sighting_studio FOREIGN KEY (studio_id) REFERENCES studio (id),
  CONSTRAINT sighting_photo FOREIGN KEY (photo_id) REFERENCES photo (id) ON DELETE CASCADE
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;
