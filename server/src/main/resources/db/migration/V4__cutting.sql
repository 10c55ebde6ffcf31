-- Work that takes its time: looking for cutting plans, printing, cutting. A server that works on it
-- says so now and then; what none has spoken for in a while was cut short by a restart.
CREATE TABLE job (
  id         VARCHAR(40)  NOT NULL PRIMARY KEY,
  studio_id  VARCHAR(40)  NOT NULL,
  kind       VARCHAR(20)  NOT NULL,
  title      VARCHAR(200) NOT NULL,
  state      VARCHAR(20)  NOT NULL,
  share      DOUBLE       NOT NULL,
  failure    VARCHAR(400) NOT NULL,
  stop_asked BOOLEAN      NOT NULL DEFAULT FALSE,
  content    LONGBLOB     NULL,
  media_type VARCHAR(60)  NULL,
  file_name  VARCHAR(200) NULL,
  begun_at   DATETIME(6)  NOT NULL,
  seen_at    DATETIME(6)  NOT NULL,
  CONSTRAINT job_studio FOREIGN KEY (studio_id) REFERENCES studio (id),
  INDEX job_by_age (studio_id, begun_at)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

-- The cutting plan that was found for a design and a set of pieces, and what was wished for. It
-- holds while what it was made from is the same.
CREATE TABLE cut_plan (
  studio_id VARCHAR(40) NOT NULL,
  design_id VARCHAR(40) NOT NULL,
  pieces    VARCHAR(400) NOT NULL,
  made_from CHAR(64)    NOT NULL,
  wish      LONGTEXT    NOT NULL CHECK (JSON_VALID(wish)),
  plan      LONGTEXT    NOT NULL CHECK (JSON_VALID(plan)),
  made_at   DATETIME(6) NOT NULL,
  PRIMARY KEY (studio_id, design_id, pieces),
  CONSTRAINT cut_plan_studio FOREIGN KEY (studio_id) REFERENCES studio (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

-- What was cut: for which pieces, and which stocks it took and left, so that it can be taken back.
CREATE TABLE cut (
  id        VARCHAR(40) NOT NULL PRIMARY KEY,
  studio_id VARCHAR(40) NOT NULL,
  design_id VARCHAR(40) NOT NULL,
  moves     LONGTEXT    NOT NULL CHECK (JSON_VALID(moves)),
  made_by   VARCHAR(40) NOT NULL,
  made_at   DATETIME(6) NOT NULL,
  undone_at DATETIME(6) NULL,
  CONSTRAINT cut_studio FOREIGN KEY (studio_id) REFERENCES studio (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE cut_piece (
  cut_id   VARCHAR(40) NOT NULL,
  piece_id VARCHAR(40) NOT NULL,
  PRIMARY KEY (cut_id, piece_id),
  CONSTRAINT cut_piece_cut FOREIGN KEY (cut_id) REFERENCES cut (id),
  INDEX cut_by_piece (piece_id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;
