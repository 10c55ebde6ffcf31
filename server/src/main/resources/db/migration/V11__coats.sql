-- Coats draw on pots as lays do: under the key of their group and band, which is longer than an id.
ALTER TABLE ledger_entry MODIFY lay_id VARCHAR(120) NULL;
ALTER TABLE claim MODIFY lay_id VARCHAR(120) NOT NULL;
ALTER TABLE lay_use MODIFY lay_id VARCHAR(120) NOT NULL;

-- Build-ups that are kept by name, to be used on other pieces.
CREATE TABLE scheme (
  id         VARCHAR(40)  NOT NULL,
  studio_id  VARCHAR(40)  NOT NULL,
  name       VARCHAR(80)  NOT NULL,
  wishes     LONGTEXT     NOT NULL,
  changed_at TIMESTAMP(6) NOT NULL,
  changes    BIGINT       NOT NULL,
  PRIMARY KEY (id),
  UNIQUE KEY scheme_by_name (studio_id, name),
  CONSTRAINT scheme_studio FOREIGN KEY (studio_id) REFERENCES studio (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;
