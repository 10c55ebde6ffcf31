-- Artwork as it is kept: clean SVG written anew, or a picture written anew. Never changed: another
-- scale or crop is another row.
CREATE TABLE artwork (
  id         VARCHAR(40)  NOT NULL PRIMARY KEY,
  studio_id  VARCHAR(40)  NOT NULL,
  form       VARCHAR(10)  NOT NULL,
  content    LONGBLOB     NOT NULL,
  media_type VARCHAR(40)  NOT NULL,
  width_mm   DOUBLE       NOT NULL,
  height_mm  DOUBLE       NOT NULL,
  true_size  BOOLEAN      NOT NULL,
  made_at    DATETIME(6)  NOT NULL,
  CONSTRAINT artwork_studio FOREIGN KEY (studio_id) REFERENCES studio (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

-- A design of any kind. What the kind asks for stands in properties, by the keys of its fields; the
-- sizes and the colour families are worked out when it is saved, to find it by.
CREATE TABLE design (
  id              VARCHAR(40)  NOT NULL PRIMARY KEY,
  studio_id       VARCHAR(40)  NOT NULL,
  kind            VARCHAR(20)  NOT NULL,
  name            VARCHAR(80)  NOT NULL,
  motif           VARCHAR(40)  NOT NULL,
  note            VARCHAR(200) NOT NULL,
  rights          VARCHAR(20)  NOT NULL,
  properties      LONGTEXT     NOT NULL CHECK (JSON_VALID(properties)),
  motifs          LONGTEXT     NOT NULL CHECK (JSON_VALID(motifs)),
  artwork_id      VARCHAR(40)  NULL,
  background      CHAR(7)      NULL,
  sheet_width_mm  DOUBLE       NOT NULL,
  sheet_height_mm DOUBLE       NOT NULL,
  print_width_mm  DOUBLE       NOT NULL,
  print_height_mm DOUBLE       NOT NULL,
  colours         VARCHAR(120) NOT NULL,
  shade           CHAR(7)      NOT NULL,
  shelf_order     BIGINT       NOT NULL,
  changed_at      DATETIME(6)  NOT NULL,
  changes         BIGINT       NOT NULL DEFAULT 0,
  gone            BOOLEAN      NOT NULL DEFAULT FALSE,
  CONSTRAINT design_studio FOREIGN KEY (studio_id) REFERENCES studio (id),
  CONSTRAINT design_artwork FOREIGN KEY (artwork_id) REFERENCES artwork (id),
  INDEX design_by_shelf (studio_id, gone, shelf_order),
  INDEX design_changed (studio_id, changes)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

-- A wet product with what its label says, over what is typical of its kind.
CREATE TABLE medium (
  id         VARCHAR(40) NOT NULL PRIMARY KEY,
  studio_id  VARCHAR(40) NOT NULL,
  name       VARCHAR(80) NOT NULL,
  generic    VARCHAR(40) NOT NULL,
  label      LONGTEXT    NOT NULL CHECK (JSON_VALID(label)),
  packs      LONGTEXT    NOT NULL CHECK (JSON_VALID(packs)),
  role       VARCHAR(20) NOT NULL,
  colour     CHAR(7)     NOT NULL,
  changed_at DATETIME(6) NOT NULL,
  changes    BIGINT      NOT NULL DEFAULT 0,
  CONSTRAINT medium_studio FOREIGN KEY (studio_id) REFERENCES studio (id),
  INDEX medium_changed (studio_id, changes)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE tool (
  id         VARCHAR(40) NOT NULL PRIMARY KEY,
  studio_id  VARCHAR(40) NOT NULL,
  name       VARCHAR(80) NOT NULL,
  properties LONGTEXT    NOT NULL CHECK (JSON_VALID(properties)),
  changed_at DATETIME(6) NOT NULL,
  CONSTRAINT tool_studio FOREIGN KEY (studio_id) REFERENCES studio (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

-- One stock of one design or medium: its sheets, a roll, one hand of a pair, a pot, an offcut. The
-- number is printed on its label as a short code.
CREATE TABLE holding (
  id          VARCHAR(40)   NOT NULL PRIMARY KEY,
  studio_id   VARCHAR(40)   NOT NULL,
  number      BIGINT        NOT NULL,
  design_id   VARCHAR(40)   NULL,
  medium_id   VARCHAR(40)   NULL,
  form        VARCHAR(10)   NOT NULL,
  unit        VARCHAR(10)   NOT NULL,
  holds       DECIMAL(12,3) NULL,
  tare_g      DECIMAL(12,3) NULL,
  hand        VARCHAR(10)   NOT NULL,
  offcut      LONGTEXT      NULL CHECK (JSON_VALID(offcut)),
  place       VARCHAR(80)   NOT NULL,
  price_minor BIGINT        NULL,
  currency    CHAR(3)       NULL,
  opened_on   DATE          NULL,
  expires_on  DATE          NULL,
  made_at     DATETIME(6)   NOT NULL,
  changes     BIGINT        NOT NULL DEFAULT 0,
  CONSTRAINT holding_studio FOREIGN KEY (studio_id) REFERENCES studio (id),
  CONSTRAINT holding_design FOREIGN KEY (design_id) REFERENCES design (id),
  CONSTRAINT holding_medium FOREIGN KEY (medium_id) REFERENCES medium (id),
  CONSTRAINT holding_of_one_thing CHECK ((design_id IS NULL) <> (medium_id IS NULL)),
  CONSTRAINT holding_number UNIQUE (studio_id, number),
  INDEX holding_changed (studio_id, changes)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

-- Each server of a cluster steps over the numbers of the others by itself.
CREATE SEQUENCE holding_number START WITH 1 INCREMENT BY 0;

-- What was there before: stencils become designs with one sheet, pots become media in a pot.
INSERT INTO artwork (id, studio_id, form, content, media_type, width_mm, height_mm, true_size, made_at)
  SELECT CONCAT('art-', id), studio_id, 'SVG', artwork, 'image/svg+xml', 0, 0, TRUE, UTC_TIMESTAMP(6)
  FROM stencil;

INSERT INTO design (id, studio_id, kind, name, motif, note, rights, properties, motifs, artwork_id,
                    background, sheet_width_mm, sheet_height_mm, print_width_mm, print_height_mm,
                    colours, shade, shelf_order, changed_at)
  SELECT id, studio_id, 'STENCIL', name, motif, note, 'MAY_BE_SOLD',
         JSON_OBJECT('numbers', JSON_OBJECT('gap', natural_gap_mm, 'uses', uses_between_washes),
                     'choices', JSON_OBJECT()),
         '[]', CONCAT('art-', id), NULL, 0, 0, 0, 0, '', '#1E5A63', shelf_order, UTC_TIMESTAMP(6)
  FROM stencil;

INSERT INTO medium (id, studio_id, name, generic, label, packs, role, colour, changed_at)
  SELECT id, studio_id, name, 'chalky-paint',
         JSON_OBJECT('numbers', JSON_OBJECT('spread', spread_m2_per_litre),
                     'choices', JSON_OBJECT('colour', colour)),
         '[]', 'PAINT', colour, UTC_TIMESTAMP(6)
  FROM pot;

INSERT INTO holding (id, studio_id, number, medium_id, form, unit, holds, hand, place, made_at)
  SELECT id, studio_id, NEXT VALUE FOR holding_number, id, 'POT', 'ML', holds_ml, 'NONE', '',
         UTC_TIMESTAMP(6)
  FROM pot;

INSERT INTO holding (id, studio_id, number, design_id, form, unit, hand, place, made_at)
  SELECT CONCAT('sheet-', id), studio_id, NEXT VALUE FOR holding_number, id, 'WHOLE', 'SHEETS',
         'NONE', '', UTC_TIMESTAMP(6)
  FROM stencil;

ALTER TABLE ledger_entry DROP FOREIGN KEY ledger_entry_pot;
ALTER TABLE ledger_entry
  CHANGE COLUMN pot_id holding_id VARCHAR(40) NOT NULL,
  CHANGE COLUMN change_ml quantity DECIMAL(12,3) NOT NULL,
  ADD COLUMN made_by VARCHAR(40) NOT NULL DEFAULT '',
  ADD COLUMN step VARCHAR(80) NULL;
ALTER TABLE ledger_entry
  ADD CONSTRAINT ledger_entry_holding FOREIGN KEY (holding_id) REFERENCES holding (id),
  ADD INDEX ledger_entry_sums (studio_id, holding_id, quantity);

INSERT INTO ledger_entry (studio_id, holding_id, kind, quantity, note, made_at)
  SELECT studio_id, CONCAT('sheet-', id), 'BOUGHT', 1, 'On the shelf already', UTC_TIMESTAMP(6)
  FROM stencil;

DROP TABLE stencil;
DROP TABLE pot;

-- What plans ask of a stock, in the order they asked. Granted is worked out, never stored: it
-- follows the level.
CREATE TABLE claim (
  studio_id  VARCHAR(40)   NOT NULL,
  holding_id VARCHAR(40)   NOT NULL,
  piece_id   VARCHAR(40)   NOT NULL,
  lay_id     VARCHAR(40)   NOT NULL,
  piece_name VARCHAR(80)   NOT NULL,
  wanted     DECIMAL(12,3) NOT NULL,
  since      DATETIME(6)   NOT NULL,
  PRIMARY KEY (piece_id, lay_id, holding_id),
  CONSTRAINT claim_studio FOREIGN KEY (studio_id) REFERENCES studio (id),
  CONSTRAINT claim_holding FOREIGN KEY (holding_id) REFERENCES holding (id),
  CONSTRAINT claim_piece FOREIGN KEY (piece_id) REFERENCES piece (id),
  INDEX claim_by_holding (holding_id, since)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE shopping_line (
  id          VARCHAR(40)  NOT NULL PRIMARY KEY,
  studio_id   VARCHAR(40)  NOT NULL,
  name        VARCHAR(120) NOT NULL,
  pack        VARCHAR(80)  NOT NULL,
  quantity    INT          NOT NULL,
  price_minor BIGINT       NULL,
  currency    CHAR(3)      NULL,
  sku         VARCHAR(40)  NULL,
  done        BOOLEAN      NOT NULL DEFAULT FALSE,
  made_at     DATETIME(6)  NOT NULL,
  CONSTRAINT shopping_line_studio FOREIGN KEY (studio_id) REFERENCES studio (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;
