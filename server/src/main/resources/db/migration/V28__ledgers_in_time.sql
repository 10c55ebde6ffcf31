-- The last entries of a stock are told without looking at those before them.
ALTER TABLE ledger_entry ADD INDEX ledger_entry_in_time (studio_id, holding_id, made_at, id);
