-- What a replicated database keeps. A plan's history is ordered by the version each change was made
-- as, for ids are given out in no order of time there. No two changes are made as the same version.
ALTER TABLE plan_entry ADD COLUMN made_as BIGINT NOT NULL DEFAULT 0;
UPDATE plan_entry e
  JOIN (SELECT id, ROW_NUMBER() OVER (PARTITION BY piece_id ORDER BY id) AS n FROM plan_entry) o
    ON o.id = e.id
  SET e.made_as = o.n;
ALTER TABLE plan_entry ADD CONSTRAINT plan_entry_made_as UNIQUE (piece_id, made_as);

-- Each server of a cluster steps over the numbers of the others by itself.
ALTER SEQUENCE holding_number INCREMENT BY 0;
