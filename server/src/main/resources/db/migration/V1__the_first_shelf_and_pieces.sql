-- Every row belongs to a studio, so that accounts can come later without moving data.
CREATE TABLE studio (
  id            VARCHAR(40)  NOT NULL PRIMARY KEY,
  name          VARCHAR(80)  NOT NULL,
  tape_division VARCHAR(20)  NOT NULL
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE stencil (
  id                  VARCHAR(40)  NOT NULL PRIMARY KEY,
  studio_id           VARCHAR(40)  NOT NULL,
  name                VARCHAR(80)  NOT NULL,
  motif               VARCHAR(40)  NOT NULL,
  note                VARCHAR(200) NOT NULL,
  artwork             LONGTEXT     NOT NULL,
  natural_gap_mm      DOUBLE       NOT NULL,
  uses_between_washes INT          NOT NULL,
  shelf_order         INT          NOT NULL,
  CONSTRAINT stencil_studio FOREIGN KEY (studio_id) REFERENCES studio (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE pot (
  id                  VARCHAR(40)   NOT NULL PRIMARY KEY,
  studio_id           VARCHAR(40)   NOT NULL,
  name                VARCHAR(80)   NOT NULL,
  colour              CHAR(7)       NOT NULL,
  holds_ml            DECIMAL(12,3) NOT NULL,
  spread_m2_per_litre DOUBLE        NOT NULL,
  shelf_order         INT           NOT NULL,
  CONSTRAINT pot_studio FOREIGN KEY (studio_id) REFERENCES studio (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

-- Append only: stock is the sum of these. takes_back names the entry that an entry undoes;
-- it is unique, so that nothing is taken back twice.
CREATE TABLE ledger_entry (
  id         BIGINT        NOT NULL AUTO_INCREMENT PRIMARY KEY,
  studio_id  VARCHAR(40)   NOT NULL,
  pot_id     VARCHAR(40)   NOT NULL,
  kind       VARCHAR(20)   NOT NULL,
  change_ml  DECIMAL(12,3) NOT NULL,
  note       VARCHAR(200)  NOT NULL,
  piece_id   VARCHAR(40)   NULL,
  lay_id     VARCHAR(40)   NULL,
  takes_back BIGINT        NULL,
  made_at    DATETIME(6)   NOT NULL,
  CONSTRAINT ledger_entry_studio FOREIGN KEY (studio_id) REFERENCES studio (id),
  CONSTRAINT ledger_entry_pot FOREIGN KEY (pot_id) REFERENCES pot (id),
  CONSTRAINT ledger_entry_takes_back FOREIGN KEY (takes_back) REFERENCES ledger_entry (id),
  CONSTRAINT ledger_entry_taken_back_once UNIQUE (takes_back),
  INDEX ledger_entry_by_lay (piece_id, lay_id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE piece (
  id               VARCHAR(40) NOT NULL PRIMARY KEY,
  studio_id        VARCHAR(40) NOT NULL,
  version          BIGINT      NOT NULL,
  current_entry_id BIGINT      NULL,
  made_at          DATETIME(6) NOT NULL,
  CONSTRAINT piece_studio FOREIGN KEY (studio_id) REFERENCES studio (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

-- A piece's history is a tree: undo goes to the parent, redo to the youngest child.
CREATE TABLE plan_entry (
  id        BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
  studio_id VARCHAR(40)  NOT NULL,
  piece_id  VARCHAR(40)  NOT NULL,
  parent_id BIGINT       NULL,
  document  LONGTEXT     NOT NULL CHECK (JSON_VALID(document)),
  summary   VARCHAR(200) NOT NULL,
  gesture   VARCHAR(60)  NULL,
  made_at   DATETIME(6)  NOT NULL,
  CONSTRAINT plan_entry_studio FOREIGN KEY (studio_id) REFERENCES studio (id),
  CONSTRAINT plan_entry_piece FOREIGN KEY (piece_id) REFERENCES piece (id),
  CONSTRAINT plan_entry_parent FOREIGN KEY (parent_id) REFERENCES plan_entry (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

ALTER TABLE piece
  ADD CONSTRAINT piece_current_entry FOREIGN KEY (current_entry_id) REFERENCES plan_entry (id);
