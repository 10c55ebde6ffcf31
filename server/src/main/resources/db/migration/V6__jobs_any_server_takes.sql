-- A job is told what to do in its row, and a server has it only while its lease runs: another one
-- takes what a server left. What ran before had no such row to go on from.
UPDATE job SET state = 'CUT_SHORT' WHERE state = 'RUNNING';
ALTER TABLE job
  ADD COLUMN person       VARCHAR(200) NOT NULL DEFAULT '',
  ADD COLUMN input        LONGTEXT     NOT NULL DEFAULT '{}' CHECK (JSON_VALID(input)),
  ADD COLUMN server       VARCHAR(40)  NULL,
  ADD COLUMN leased_until DATETIME(6)  NULL,
  ADD COLUMN tries        INT          NOT NULL DEFAULT 0,
  DROP COLUMN seen_at,
  ADD INDEX job_to_take (state, kind, begun_at);
