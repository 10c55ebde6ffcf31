-- The best order of the work that was searched for, by what it was searched for: of many steps no
-- search is done while somebody waits, and what one server found any other shows.
CREATE TABLE found_order (
  studio_id VARCHAR(40)  NOT NULL,
  question  CHAR(64)     NOT NULL,
  document  LONGTEXT     NOT NULL,
  found_at  TIMESTAMP(6) NOT NULL,
  PRIMARY KEY (studio_id, question),
  KEY found_order_age (studio_id, found_at),
  CONSTRAINT found_order_studio FOREIGN KEY (studio_id) REFERENCES studio (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;
