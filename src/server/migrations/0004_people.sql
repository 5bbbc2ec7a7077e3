-- People, their sessions, invitations, attempts to sign in, and the audit. Still every row belongs to a shop. Who is
-- not signed in yet has no shop: such a request may see the one row whose secret it presents, and nothing else.

CREATE TABLE people (
  id uuid PRIMARY KEY,
  shop_id uuid NOT NULL REFERENCES shops (id),
  -- Lower case; one in all shops, as it is what the shop is found by.
  login text NOT NULL UNIQUE CHECK (login = lower(login)),
  name text NOT NULL,
  role text NOT NULL CHECK (role IN ('lead', 'technician', 'trainee', 'reader')),
  -- argon2id in the PHC string format.
  password_hash text NOT NULL,
  is_active boolean NOT NULL DEFAULT true,
  created_at timestamptz NOT NULL
);

CREATE INDEX people_by_shop ON people (shop_id, name);

CREATE TABLE sessions (
  -- SHA-256 of the token: what is stored opens nothing.
  token_hash text PRIMARY KEY CHECK (token_hash ~ '^[0-9a-f]{64}$'),
  shop_id uuid NOT NULL REFERENCES shops (id),
  person_id uuid NOT NULL REFERENCES people (id),
  created_at timestamptz NOT NULL,
  seen_at timestamptz NOT NULL
);

CREATE INDEX sessions_by_person ON sessions (person_id);

CREATE TABLE invitations (
  code_hash text PRIMARY KEY CHECK (code_hash ~ '^[0-9a-f]{64}$'),
  shop_id uuid NOT NULL REFERENCES shops (id),
  name text NOT NULL,
  role text NOT NULL CHECK (role IN ('lead', 'technician', 'trainee', 'reader')),
  invited_by uuid NOT NULL REFERENCES people (id),
  created_at timestamptz NOT NULL,
  expires_at timestamptz NOT NULL
);

-- Failures to sign in by what they tried (hashed): whoever fails waits longer and longer. Belongs to no shop.
CREATE TABLE sign_in_failures (
  key_hash text PRIMARY KEY,
  failures integer NOT NULL,
  last_at timestamptz NOT NULL,
  open_at timestamptz NOT NULL
);

-- One row at most: whether a first lead exists, and the hash of the code by which one is made.
CREATE TABLE installation (
  singleton boolean PRIMARY KEY DEFAULT true CHECK (singleton),
  setup_code_hash text,
  set_up_at timestamptz
);

CREATE TABLE audit_entries (
  id bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
  shop_id uuid NOT NULL REFERENCES shops (id),
  at timestamptz NOT NULL,
  -- Null where nobody was signed in.
  person_id uuid REFERENCES people (id),
  action text NOT NULL,
  -- What it was done to: the id of a case, board or person; null where there is none.
  subject text,
  detail jsonb NOT NULL DEFAULT '{}'
);

CREATE INDEX audit_by_time ON audit_entries (shop_id, id DESC);
CREATE INDEX audit_of_subject ON audit_entries (shop_id, subject, action, person_id, at DESC);

-- The owner of a case, apart from its log: the log holds a seal of it, so that the person can be erased and the chain
-- of hashes stays whole.
CREATE TABLE case_owners (
  case_id uuid PRIMARY KEY REFERENCES cases (id),
  shop_id uuid NOT NULL REFERENCES shops (id),
  owner text NOT NULL,
  salt text NOT NULL CHECK (salt ~ '^[0-9a-f]{32}$')
);

CREATE INDEX case_owners_by_name ON case_owners (shop_id, lower(owner));

ALTER TABLE case_events ADD COLUMN recorded_by uuid REFERENCES people (id);

CREATE FUNCTION presented(what text) RETURNS text
LANGUAGE sql STABLE
RETURN nullif(current_setting('probe.' || what, true), '');

ALTER TABLE people ENABLE ROW LEVEL SECURITY;
ALTER TABLE people FORCE ROW LEVEL SECURITY;
ALTER TABLE sessions ENABLE ROW LEVEL SECURITY;
ALTER TABLE sessions FORCE ROW LEVEL SECURITY;
ALTER TABLE invitations ENABLE ROW LEVEL SECURITY;
ALTER TABLE invitations FORCE ROW LEVEL SECURITY;
ALTER TABLE audit_entries ENABLE ROW LEVEL SECURITY;
ALTER TABLE audit_entries FORCE ROW LEVEL SECURITY;
ALTER TABLE case_owners ENABLE ROW LEVEL SECURITY;
ALTER TABLE case_owners FORCE ROW LEVEL SECURITY;

CREATE POLICY own_shop ON people USING (shop_id = current_shop()) WITH CHECK (shop_id = current_shop());
CREATE POLICY own_shop ON sessions USING (shop_id = current_shop()) WITH CHECK (shop_id = current_shop());
CREATE POLICY own_shop ON invitations USING (shop_id = current_shop()) WITH CHECK (shop_id = current_shop());
CREATE POLICY own_shop ON audit_entries USING (shop_id = current_shop()) WITH CHECK (shop_id = current_shop());
CREATE POLICY own_shop ON case_owners USING (shop_id = current_shop()) WITH CHECK (shop_id = current_shop());
-- By what it presents, a request without a shop finds the shop that it belongs to.
CREATE POLICY by_login ON people FOR SELECT USING (login = presented('login'));
CREATE POLICY by_token ON sessions FOR SELECT USING (token_hash = presented('token'));
CREATE POLICY by_code ON invitations FOR SELECT USING (code_hash = presented('code'));

GRANT SELECT, INSERT, UPDATE ON people TO probe_app;
GRANT SELECT, INSERT, UPDATE, DELETE ON sessions, invitations, sign_in_failures TO probe_app;
GRANT SELECT, INSERT, UPDATE ON installation TO probe_app;
-- The audit is append-only: no UPDATE, no DELETE.
GRANT SELECT, INSERT ON audit_entries TO probe_app;
GRANT SELECT, INSERT, DELETE ON case_owners TO probe_app;
