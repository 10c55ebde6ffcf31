-- When a stencil comes off what was painted through it, as the other schools of V15; null is the
-- usual one.
ALTER TABLE studio
  ADD COLUMN lift_habit VARCHAR(20) NULL;
