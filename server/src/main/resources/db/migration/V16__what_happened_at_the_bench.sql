-- What happened at the bench, as it was told: by whoever tapped it, under an id of the telling, so
-- that it counts once however often it arrives. Nothing is overwritten: what was told anew, or taken
-- back, stands no longer. It outlives the piece: the studio learned from it.
CREATE TABLE bench_log (
  studio_id VARCHAR(40)  NOT NULL,
  id        VARCHAR(40)  NOT NULL,
  piece_id  VARCHAR(40)  NOT NULL,
  step_key  VARCHAR(200) NOT NULL,
  kind      VARCHAR(20)  NOT NULL,
  told_at   DATETIME(6)  NOT NULL,
  stands    BOOLEAN      NOT NULL,
  happened  DATETIME(6)  NOT NULL,
  note      VARCHAR(600) NOT NULL,
  document  LONGTEXT     NOT NULL CHECK (JSON_VALID(document)),
  made_by   VARCHAR(40)  NOT NULL,
  PRIMARY KEY (studio_id, id),
  KEY bench_log_of_piece (studio_id, piece_id, step_key),
  KEY bench_log_by_day (studio_id, happened),
  CONSTRAINT bench_log_studio FOREIGN KEY (studio_id) REFERENCES studio (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

-- A use may be of one step: its key is as long as a step's.
ALTER TABLE lay_use MODIFY lay_id VARCHAR(220) NOT NULL;
ALTER TABLE ledger_entry MODIFY lay_id VARCHAR(220) NULL;

-- A photo may show a step.
ALTER TABLE photo ADD COLUMN step_key VARCHAR(200) NULL;
