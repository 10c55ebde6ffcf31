-- When a backup was made, so that a studio sees how long ago that was; and when a piece was brought
-- back from one: its versions are of another past than those of the same numbers before.
CREATE TABLE backup_made (
  id        VARCHAR(40) NOT NULL PRIMARY KEY,
  studio_id VARCHAR(40) NOT NULL,
  made_at   DATETIME(6) NOT NULL,
  made_by   VARCHAR(40) NOT NULL,
  bytes     BIGINT      NOT NULL,
  entries   BIGINT      NOT NULL,
  CONSTRAINT backup_made_studio FOREIGN KEY (studio_id) REFERENCES studio (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

ALTER TABLE piece ADD COLUMN restored_at DATETIME(6) NULL;
