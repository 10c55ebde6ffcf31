-- What an hour is worth in a studio, and how it comes to the price of a piece.
CREATE TABLE studio_money (
  studio_id     VARCHAR(40) NOT NULL PRIMARY KEY,
  changes       BIGINT      NOT NULL,
  changed_at    DATETIME(6) NOT NULL,
  currency      CHAR(3)     NOT NULL,
  hourly_minor  BIGINT      NOT NULL,
  margin        INT         NOT NULL,
  wage_minor    BIGINT      NOT NULL,
  way           VARCHAR(20) NOT NULL,
  CONSTRAINT studio_money_studio FOREIGN KEY (studio_id) REFERENCES studio (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

-- What was paid for a piece, what may still be spent on it, and what is asked for it: nobody else's
-- business, so it is not in its plan, which is given away.
CREATE TABLE piece_money (
  studio_id     VARCHAR(40) NOT NULL,
  piece_id      VARCHAR(40) NOT NULL,
  changes       BIGINT      NOT NULL,
  changed_at    DATETIME(6) NOT NULL,
  currency      CHAR(3)     NOT NULL,
  paid_minor    BIGINT      NULL,
  budget_minor  BIGINT      NULL,
  asked_minor   BIGINT      NULL,
  PRIMARY KEY (studio_id, piece_id),
  CONSTRAINT piece_money_studio FOREIGN KEY (studio_id) REFERENCES studio (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;
