-- The level of a stock stands in its own row, so that a booking changes it only where enough is
-- left, whoever books at the same moment, and on whichever server. The ledger stays what it was:
-- the level is the sum of its entries, and a test holds one against the other.
ALTER TABLE holding ADD COLUMN level DECIMAL(14,3) NOT NULL DEFAULT 0;
UPDATE holding h
  SET h.level = (SELECT COALESCE(SUM(e.quantity), 0) FROM ledger_entry e WHERE e.holding_id = h.id);

-- The use of a lay that stands: one for each lay, by the database itself.
CREATE TABLE lay_use (
  piece_id  VARCHAR(40) NOT NULL,
  lay_id    VARCHAR(40) NOT NULL,
  studio_id VARCHAR(40) NOT NULL,
  entry_id  BIGINT      NOT NULL,
  PRIMARY KEY (piece_id, lay_id),
  CONSTRAINT lay_use_studio FOREIGN KEY (studio_id) REFERENCES studio (id),
  CONSTRAINT lay_use_entry FOREIGN KEY (entry_id) REFERENCES ledger_entry (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;
INSERT INTO lay_use (piece_id, lay_id, studio_id, entry_id)
  SELECT e.piece_id, e.lay_id, MIN(e.studio_id), MIN(e.id)
  FROM ledger_entry e
  WHERE e.kind = 'USED' AND e.piece_id IS NOT NULL AND e.lay_id IS NOT NULL
    AND NOT EXISTS (SELECT 1 FROM ledger_entry b WHERE b.takes_back = e.id)
  GROUP BY e.piece_id, e.lay_id;

-- Whoever changes what a piece asks for, or has booked, writes here first: one after the other.
ALTER TABLE piece ADD COLUMN held BIGINT NOT NULL DEFAULT 0;

-- How often a thing was changed: who changes it says which version was looked at.
ALTER TABLE tool ADD COLUMN changes BIGINT NOT NULL DEFAULT 0;
ALTER TABLE photo ADD COLUMN changes BIGINT NOT NULL DEFAULT 0;
