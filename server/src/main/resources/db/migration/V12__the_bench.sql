-- Who works when, how warm and damp it is where things dry, how much room there is for them.
CREATE TABLE bench (
  studio_id  VARCHAR(40)  NOT NULL,
  document   LONGTEXT     NOT NULL,
  changed_at TIMESTAMP(6) NOT NULL,
  changes    BIGINT       NOT NULL,
  PRIMARY KEY (studio_id),
  CONSTRAINT bench_studio FOREIGN KEY (studio_id) REFERENCES studio (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;
