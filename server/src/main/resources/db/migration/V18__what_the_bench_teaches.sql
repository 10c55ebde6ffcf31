-- What was seen at the bench and is learned from, each with what it is about, the least and the most
-- that it may have been, and whether it is believed. What was told anew, or taken back, falls.
CREATE TABLE observed (
  studio_id  VARCHAR(40)  NOT NULL,
  id         VARCHAR(40)  NOT NULL,
  telling_id VARCHAR(40)  NOT NULL,
  topic      VARCHAR(160) NOT NULL,
  low        DOUBLE       NOT NULL,
  high       DOUBLE       NOT NULL,
  counts     BOOLEAN      NOT NULL,
  happened   DATETIME(6)  NOT NULL,
  piece_name VARCHAR(120) NOT NULL,
  title      VARCHAR(400) NOT NULL,
  made_by    VARCHAR(40)  NOT NULL,
  PRIMARY KEY (studio_id, id),
  KEY observed_telling (studio_id, telling_id),
  KEY observed_topic (studio_id, topic, happened),
  CONSTRAINT observed_studio FOREIGN KEY (studio_id) REFERENCES studio (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

-- What somebody decided about a learned figure. Nothing is overwritten: a plan that was begun before
-- goes by what was decided before.
CREATE TABLE learned_choice (
  studio_id VARCHAR(40)  NOT NULL,
  id        VARCHAR(40)  NOT NULL,
  topic     VARCHAR(160) NOT NULL,
  choice    VARCHAR(20)  NOT NULL,
  made_at   DATETIME(6)  NOT NULL,
  made_by   VARCHAR(40)  NOT NULL,
  PRIMARY KEY (studio_id, id),
  KEY learned_choice_topic (studio_id, topic, made_at),
  CONSTRAINT learned_choice_studio FOREIGN KEY (studio_id) REFERENCES studio (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;
