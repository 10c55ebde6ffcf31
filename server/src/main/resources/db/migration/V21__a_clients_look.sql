-- What a client may look at: by a link that ends, and that can be taken back. Only what it hashes to is
-- kept. What clients said stays.
CREATE TABLE client_look (
  id          VARCHAR(40) NOT NULL PRIMARY KEY,
  studio_id   VARCHAR(40) NOT NULL,
  hash        CHAR(64)    NOT NULL,
  name        VARCHAR(60) NOT NULL,
  with_photos BOOLEAN     NOT NULL,
  with_price  BOOLEAN     NOT NULL,
  made_by     VARCHAR(40) NOT NULL,
  made_at     DATETIME(6) NOT NULL,
  ends_at     DATETIME(6) NOT NULL,
  looked_at   DATETIME(6) NULL,
  UNIQUE KEY client_look_by_hash (hash),
  KEY client_look_studio_id (studio_id, made_at),
  CONSTRAINT client_look_studio FOREIGN KEY (studio_id) REFERENCES studio (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE client_look_piece (
  look_id   VARCHAR(40) NOT NULL,
  piece_id  VARCHAR(40) NOT NULL,
  studio_id VARCHAR(40) NOT NULL,
  PRIMARY KEY (look_id, piece_id),
  CONSTRAINT client_look_piece_look FOREIGN KEY (look_id) REFERENCES client_look (id)
    ON DELETE CASCADE,
  CONSTRAINT client_look_piece_piece FOREIGN KEY (piece_id) REFERENCES piece (id)
    ON DELETE CASCADE,
  CONSTRAINT client_look_piece_studio FOREIGN KEY (studio_id) REFERENCES studio (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE client_comment (
  id         VARCHAR(40)   NOT NULL PRIMARY KEY,
  studio_id  VARCHAR(40)   NOT NULL,
  look_id    VARCHAR(40)   NOT NULL,
  piece_id   VARCHAR(40)   NULL,
  piece_name VARCHAR(120)  NOT NULL,
  said_by    VARCHAR(60)   NOT NULL,
  text       VARCHAR(2000) NOT NULL,
  said_at    DATETIME(6)   NOT NULL,
  read_at    DATETIME(6)   NULL,
  read_by    VARCHAR(40)   NOT NULL DEFAULT '',
  KEY client_comment_studio_id (studio_id, said_at),
  KEY client_comment_look (look_id, said_at),
  CONSTRAINT client_comment_studio FOREIGN KEY (studio_id) REFERENCES studio (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;
