-- A board to try things on: in the archive from the first, on no list, and thrown away afterwards.
ALTER TABLE piece
  ADD COLUMN practice BOOLEAN NOT NULL DEFAULT FALSE;
