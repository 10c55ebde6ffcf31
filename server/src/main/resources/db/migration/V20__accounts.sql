-- People sign in once a first account was made. Until then there are none of these rows.

-- Written by whoever changes who belongs to a studio: two at once are one after the other, on any
-- server, so that no studio is left without an owner and none gets two first ones.
CREATE TABLE membership (
  studio_id VARCHAR(40) NOT NULL PRIMARY KEY,
  times     BIGINT      NOT NULL,
  CONSTRAINT membership_studio FOREIGN KEY (studio_id) REFERENCES studio (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE account (
  id        VARCHAR(40)  NOT NULL PRIMARY KEY,
  studio_id VARCHAR(40)  NOT NULL,
  sign_in   VARCHAR(60)  CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
  person    VARCHAR(40)  NOT NULL,
  role      VARCHAR(10)  NOT NULL,
  password  VARCHAR(200) NOT NULL,
  made_at   DATETIME(6)  NOT NULL,
  UNIQUE KEY account_by_sign_in (sign_in),
  UNIQUE KEY account_by_person (studio_id, person),
  CONSTRAINT account_studio FOREIGN KEY (studio_id) REFERENCES studio (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

-- Each lets its owner choose a new password, once. Only what they hash to is kept.
CREATE TABLE recovery_code (
  account_id VARCHAR(40) NOT NULL,
  hash       CHAR(64)    NOT NULL,
  studio_id  VARCHAR(40) NOT NULL,
  PRIMARY KEY (account_id, hash),
  CONSTRAINT recovery_code_account FOREIGN KEY (account_id) REFERENCES account (id)
    ON DELETE CASCADE,
  CONSTRAINT recovery_code_studio FOREIGN KEY (studio_id) REFERENCES studio (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

-- A link that lets somebody join, or one who is there choose a new password; it goes with its use.
CREATE TABLE invitation (
  id         VARCHAR(40) NOT NULL PRIMARY KEY,
  studio_id  VARCHAR(40) NOT NULL,
  hash       CHAR(64)    NOT NULL,
  account_id VARCHAR(40) NULL,
  person     VARCHAR(40) NOT NULL,
  role       VARCHAR(10) NOT NULL,
  made_by    VARCHAR(40) NOT NULL,
  made_at    DATETIME(6) NOT NULL,
  ends_at    DATETIME(6) NOT NULL,
  UNIQUE KEY invitation_by_hash (hash),
  CONSTRAINT invitation_account FOREIGN KEY (account_id) REFERENCES account (id) ON DELETE CASCADE,
  CONSTRAINT invitation_studio FOREIGN KEY (studio_id) REFERENCES studio (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

-- How often somebody failed to sign in, by what they hash to: a name that was tried, an address.
CREATE TABLE sign_in_failure (
  tried    CHAR(64)    NOT NULL PRIMARY KEY,
  times    INT         NOT NULL,
  last_at  DATETIME(6) NOT NULL,
  KEY sign_in_failure_age (last_at)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

-- Who is signed in where, as Spring Session keeps it.
CREATE TABLE SPRING_SESSION (
  PRIMARY_ID            CHAR(36)     NOT NULL,
  SESSION_ID            CHAR(36)     NOT NULL,
  CREATION_TIME         BIGINT       NOT NULL,
  LAST_ACCESS_TIME      BIGINT       NOT NULL,
  MAX_INACTIVE_INTERVAL INT          NOT NULL,
  EXPIRY_TIME           BIGINT       NOT NULL,
  PRINCIPAL_NAME        VARCHAR(100),
  PRIMARY KEY (PRIMARY_ID),
  UNIQUE INDEX SPRING_SESSION_IX1 (SESSION_ID),
  INDEX SPRING_SESSION_IX2 (EXPIRY_TIME),
  INDEX SPRING_SESSION_IX3 (PRINCIPAL_NAME)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 ROW_FORMAT = DYNAMIC;

CREATE TABLE SPRING_SESSION_ATTRIBUTES (
  SESSION_PRIMARY_ID CHAR(36)     NOT NULL,
  ATTRIBUTE_NAME     VARCHAR(200) NOT NULL,
  ATTRIBUTE_BYTES    BLOB         NOT NULL,
  PRIMARY KEY (SESSION_PRIMARY_ID, ATTRIBUTE_NAME),
  CONSTRAINT SPRING_SESSION_ATTRIBUTES_FK FOREIGN KEY (SESSION_PRIMARY_ID)
    REFERENCES SPRING_SESSION (PRIMARY_ID) ON DELETE CASCADE
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 ROW_FORMAT = DYNAMIC;

-- Who did what: in the history of a plan, and what was asked for of a stock.
ALTER TABLE plan_entry ADD COLUMN made_by VARCHAR(40) NOT NULL DEFAULT '';
ALTER TABLE claim ADD COLUMN made_by VARCHAR(40) NOT NULL DEFAULT '';

-- Every row says to which studio it belongs.
ALTER TABLE cut_piece ADD COLUMN studio_id VARCHAR(40) NOT NULL DEFAULT '';
UPDATE cut_piece p JOIN cut c ON c.id = p.cut_id SET p.studio_id = c.studio_id;
ALTER TABLE cut_piece
  ALTER COLUMN studio_id DROP DEFAULT,
  ADD CONSTRAINT cut_piece_studio FOREIGN KEY (studio_id) REFERENCES studio (id);
