-- Links by which an owner sees a case without an account. Only the hash of a token is kept; who presents the token sees
-- its row and with it the shop.
CREATE TABLE owner_links (
  token_hash text PRIMARY KEY CHECK (token_hash ~ '^[0-9a-f]{64}$'),
  shop_id uuid NOT NULL REFERENCES shops (id),
  case_id uuid NOT NULL REFERENCES cases (id),
  made_by uuid NOT NULL REFERENCES people (id),
  made_at timestamptz NOT NULL,
  expires_at timestamptz NOT NULL,
  seen_at timestamptz
);

CREATE INDEX owner_links_case ON owner_links (case_id);

ALTER TABLE owner_links ENABLE ROW LEVEL SECURITY;
ALTER TABLE owner_links FORCE ROW LEVEL SECURITY;
CREATE POLICY own_shop ON owner_links USING (shop_id = current_shop()) WITH CHECK (shop_id = current_shop());
CREATE POLICY by_link ON owner_links FOR SELECT USING (token_hash = presented('link'));
GRANT SELECT, INSERT, UPDATE, DELETE ON owner_links TO probe_app;
