-- What was paid stands on the entry it was paid for: a stock that is bought twice has two prices.
ALTER TABLE ledger_entry
  ADD COLUMN price_minor BIGINT  NULL,
  ADD COLUMN currency    CHAR(3) NULL,
  ADD CONSTRAINT ledger_entry_price CHECK ((price_minor IS NULL) = (currency IS NULL));

-- until now a stock's price was noted when it was set up: it is that of its first entry
UPDATE ledger_entry e
  JOIN (SELECT holding_id, MIN(id) AS first_id FROM ledger_entry GROUP BY holding_id) f
    ON f.first_id = e.id
  JOIN holding h ON h.id = e.holding_id
  SET e.price_minor = h.price_minor, e.currency = h.currency
  WHERE e.kind = 'BOUGHT' AND h.price_minor IS NOT NULL;
