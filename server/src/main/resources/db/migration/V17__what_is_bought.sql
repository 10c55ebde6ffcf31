-- What a line of the shopping list is for, where it is sold, and that it was bought.
ALTER TABLE shopping_line
  ADD COLUMN shop       VARCHAR(120)  NOT NULL DEFAULT '' AFTER studio_id,
  ADD COLUMN shelf      VARCHAR(80)   NOT NULL DEFAULT '' AFTER shop,
  ADD COLUMN supply     VARCHAR(120)  NULL,
  ADD COLUMN holds      DECIMAL(13,3) NULL,
  ADD COLUMN planned    BOOLEAN       NOT NULL DEFAULT FALSE,
  ADD COLUMN reason     VARCHAR(400)  NOT NULL DEFAULT '',
  ADD COLUMN bought_at  DATETIME(6)   NULL,
  ADD COLUMN bought_by  VARCHAR(40)   NULL;

-- What came onto the shelf with a line, so that it can be taken back.
CREATE TABLE shopping_bought (
  line_id     VARCHAR(40)   NOT NULL,
  holding_id  VARCHAR(40)   NOT NULL,
  studio_id   VARCHAR(40)   NOT NULL,
  quantity    DECIMAL(13,3) NOT NULL,
  PRIMARY KEY (line_id, holding_id),
  CONSTRAINT shopping_bought_line FOREIGN KEY (line_id) REFERENCES shopping_line (id)
    ON DELETE CASCADE,
  CONSTRAINT shopping_bought_studio FOREIGN KEY (studio_id) REFERENCES studio (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

-- Written by whoever puts a plan on the list: two at once are one after the other, on any server.
CREATE TABLE shopping_plan (
  studio_id VARCHAR(40) NOT NULL PRIMARY KEY,
  times     BIGINT      NOT NULL,
  CONSTRAINT shopping_plan_studio FOREIGN KEY (studio_id) REFERENCES studio (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;
