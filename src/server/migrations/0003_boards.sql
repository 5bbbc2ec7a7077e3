-- The board book of a shop. An entry is written whole; its edition counts the writings, so that two writers notice.
CREATE TABLE boards (
  id uuid PRIMARY KEY,
  shop_id uuid NOT NULL REFERENCES shops (id),
  edition integer NOT NULL CHECK (edition > 0),
  model text NOT NULL,
  -- Revisions with the names of their versions: enough to tell boards apart without reading every entry.
  revisions jsonb NOT NULL,
  can_flash_bare boolean NOT NULL,
  board jsonb NOT NULL,
  updated_at timestamptz NOT NULL
);

CREATE INDEX boards_by_model ON boards (shop_id, model);

ALTER TABLE boards ENABLE ROW LEVEL SECURITY;
ALTER TABLE boards FORCE ROW LEVEL SECURITY;
CREATE POLICY own_shop ON boards USING (shop_id = current_shop()) WITH CHECK (shop_id = current_shop());
GRANT SELECT, INSERT, UPDATE, DELETE ON boards TO probe_app;
