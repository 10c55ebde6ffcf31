-- What was done is kept as a code with the names of what it was done to, and said when it is read.
-- Older entries, and plans put in place as a whole, keep the sentence they came with.
ALTER TABLE plan_entry ADD COLUMN told VARCHAR(40) NULL;
ALTER TABLE plan_entry ADD COLUMN told_names TEXT NULL;
ALTER TABLE plan_entry MODIFY COLUMN summary VARCHAR(200) NULL;

-- Which change an entry is from, as whoever made it named it: one that is sent again because its
-- answer was lost is known to have been made.
ALTER TABLE plan_entry ADD COLUMN change_id VARCHAR(36) NULL;
