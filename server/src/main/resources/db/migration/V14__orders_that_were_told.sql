-- The order of a piece's work as it was told last, and as it was told before that: what is planned
-- anew keeps to it where it is as good, and says what is otherwise. Any server tells the same.
CREATE TABLE told_order (
  studio_id VARCHAR(40) NOT NULL,
  piece_id  VARCHAR(40) NOT NULL,
  version   BIGINT      NOT NULL,
  document  LONGTEXT    NOT NULL,
  PRIMARY KEY (studio_id, piece_id),
  CONSTRAINT told_order_piece FOREIGN KEY (piece_id) REFERENCES piece (id) ON DELETE CASCADE,
  CONSTRAINT told_order_studio FOREIGN KEY (studio_id) REFERENCES studio (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;
