-- What was done is kept as a code with the names of what it was done to, and said when it is read.
-- Older entries, and plans put in place as a whole, keep the sentence they came with.
ALTER TABLE plan_entry ADD COLUMN told VARCHAR(40) NULL;
ALTER TABLE plan_entry ADD COLUMN told_names TEXT NULL;
ALTER TABLE plan_entry MODIFY COLUMN summary VARCHAR(200) NULL;
