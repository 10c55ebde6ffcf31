-- The schools that a new piece of the studio follows; none: as is usual. A piece keeps its own.
ALTER TABLE studio
  ADD COLUMN primer_habit   VARCHAR(20) NULL,
  ADD COLUMN seal_habit     VARCHAR(20) NULL,
  ADD COLUMN dark_wax_habit VARCHAR(20) NULL,
  ADD COLUMN relief_habit   VARCHAR(20) NULL;
