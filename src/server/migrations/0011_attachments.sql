-- Photos and other files of cases. The log of a case says which there are and has the hash of each; here are the bytes.
-- They lie in pieces of their own, so that row-level security holds for every byte and nothing large is in memory at once.
CREATE TABLE attachments (
  case_id uuid NOT NULL REFERENCES cases (id),
  id uuid NOT NULL,
  shop_id uuid NOT NULL REFERENCES shops (id),
  kind text NOT NULL,
  -- Under which its pieces lie; null once they are erased.
  upload uuid,
  bytes bigint NOT NULL CHECK (bytes > 0),
  sha256 text NOT NULL,
  width integer,
  height integer,
  preview bytea,
  -- An entry of the log speaks of it. What none speaks of is swept away after a while.
  is_logged boolean NOT NULL DEFAULT false,
  shows_owner boolean NOT NULL DEFAULT false,
  stored_at timestamptz NOT NULL,
  PRIMARY KEY (case_id, id)
);

CREATE INDEX attachments_unlogged ON attachments (stored_at) WHERE NOT is_logged;
CREATE UNIQUE INDEX attachments_upload ON attachments (upload);

CREATE TABLE attachment_pieces (
  upload uuid NOT NULL,
  position integer NOT NULL,
  shop_id uuid NOT NULL REFERENCES shops (id),
  arrived_at timestamptz NOT NULL,
  bytes bytea NOT NULL,
  PRIMARY KEY (upload, position)
);

-- Pictures do not get smaller by compressing them once more.
ALTER TABLE attachment_pieces ALTER COLUMN bytes SET STORAGE EXTERNAL;
CREATE INDEX attachment_pieces_first ON attachment_pieces (arrived_at) WHERE position = 0;

ALTER TABLE attachments ENABLE ROW LEVEL SECURITY;
ALTER TABLE attachments FORCE ROW LEVEL SECURITY;
CREATE POLICY own_shop ON attachments USING (shop_id = current_shop()) WITH CHECK (shop_id = current_shop());
GRANT SELECT, INSERT, UPDATE, DELETE ON attachments TO probe_app;

ALTER TABLE attachment_pieces ENABLE ROW LEVEL SECURITY;
ALTER TABLE attachment_pieces FORCE ROW LEVEL SECURITY;
CREATE POLICY own_shop ON attachment_pieces USING (shop_id = current_shop()) WITH CHECK (shop_id = current_shop());
GRANT SELECT, INSERT, DELETE ON attachment_pieces TO probe_app;
