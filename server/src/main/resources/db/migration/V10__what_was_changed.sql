-- How often each thing was changed: written with the change, read by whoever keeps what it has read.
-- A count for each thing needs no order among changes, so that any node of a cluster may write it.
CREATE TABLE changed (
  studio_id VARCHAR(40) NOT NULL,
  thing     VARCHAR(20) NOT NULL,
  thing_id  VARCHAR(45) NOT NULL,
  times     BIGINT      NOT NULL,
  PRIMARY KEY (studio_id, thing, thing_id),
  CONSTRAINT changed_studio FOREIGN KEY (studio_id) REFERENCES studio (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;
