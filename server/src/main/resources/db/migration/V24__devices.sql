-- What works with a studio over its own network: only what a device's token hashes to is kept.
CREATE TABLE device (
  id         VARCHAR(40) NOT NULL PRIMARY KEY,
  studio_id  VARCHAR(40) NOT NULL,
  hash       CHAR(64)    NOT NULL,
  name       VARCHAR(40) NOT NULL,
  bench_only BOOLEAN     NOT NULL,
  paired_by  VARCHAR(40) NOT NULL,
  paired_at  DATETIME(6) NOT NULL,
  seen_at    DATETIME(6) NOT NULL,
  UNIQUE KEY device_by_hash (hash),
  KEY device_studio_id (studio_id, paired_at),
  CONSTRAINT device_studio FOREIGN KEY (studio_id) REFERENCES studio (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

-- The letters that pair the next device, for minutes: one set of them for a studio. They go with
-- their use, and after too many tries that were wrong.
CREATE TABLE pairing (
  studio_id  VARCHAR(40) NOT NULL PRIMARY KEY,
  hash       CHAR(64)    NOT NULL,
  bench_only BOOLEAN     NOT NULL,
  tries      INT         NOT NULL,
  made_by    VARCHAR(40) NOT NULL,
  ends_at    DATETIME(6) NOT NULL,
  KEY pairing_by_hash (hash),
  CONSTRAINT pairing_studio FOREIGN KEY (studio_id) REFERENCES studio (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;
