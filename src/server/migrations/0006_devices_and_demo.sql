-- Devices on which somebody signed in before: they get through while others guess. Belongs to a person.
CREATE TABLE known_devices (
  person_id uuid NOT NULL REFERENCES people (id),
  -- SHA-256 of what the device holds in a cookie.
  device_hash text NOT NULL CHECK (device_hash ~ '^[0-9a-f]{64}$'),
  shop_id uuid NOT NULL REFERENCES shops (id),
  last_at timestamptz NOT NULL,
  PRIMARY KEY (person_id, device_hash)
);

ALTER TABLE known_devices ENABLE ROW LEVEL SECURITY;
ALTER TABLE known_devices FORCE ROW LEVEL SECURITY;
CREATE POLICY own_shop ON known_devices USING (shop_id = current_shop()) WITH CHECK (shop_id = current_shop());
GRANT SELECT, INSERT, UPDATE, DELETE ON known_devices TO probe_app;

-- What was counted by login alone is forgotten: it is counted by login and address now.
DELETE FROM sign_in_failures;

-- Accounts whose passwords anybody can read: closed where the program is served without the demo. One that was given a
-- password of its own is no demo account any more.
ALTER TABLE people ADD COLUMN is_demo boolean NOT NULL DEFAULT false;
ALTER TABLE installation ADD COLUMN demo_shop_id uuid;
ALTER TABLE people NO FORCE ROW LEVEL SECURITY;
UPDATE people
SET is_demo = true
WHERE shop_id = '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11'
  AND login IN ('edda', 'runa', 'ebbe', 'desk');
UPDATE installation
SET demo_shop_id = '5b0f8a3e-6c1d-4e7a-9a52-0f3c7d2e9b11'
WHERE EXISTS (SELECT 1 FROM people WHERE is_demo);
ALTER TABLE people FORCE ROW LEVEL SECURITY;

-- A second server that starts does not void the code that the first has printed.
ALTER TABLE installation ADD COLUMN setup_code_hashes text[] NOT NULL DEFAULT '{}';
UPDATE installation SET setup_code_hashes = array_remove(ARRAY[setup_code_hash], NULL);
ALTER TABLE installation DROP COLUMN setup_code_hash;

-- The audit by what was done and by whom, page after page.
CREATE INDEX audit_by_action ON audit_entries (shop_id, action, id DESC);
CREATE INDEX audit_by_person ON audit_entries (shop_id, person_id, id DESC);

-- An owner is the same in any Unicode form, in capitals or not, with one blank or two.
CREATE FUNCTION owner_key(name text) RETURNS text
LANGUAGE sql IMMUTABLE
RETURN replace(lower(normalize(regexp_replace(trim(name), '\s+', ' ', 'g'), NFKC)), 'ß', 'ss');

ALTER TABLE case_owners NO FORCE ROW LEVEL SECURITY;
ALTER TABLE case_owners ADD COLUMN key text NOT NULL GENERATED ALWAYS AS (owner_key(owner)) STORED;
ALTER TABLE case_owners FORCE ROW LEVEL SECURITY;
DROP INDEX case_owners_by_name;
CREATE INDEX case_owners_by_key ON case_owners (shop_id, key);

-- The session of a token with its person and shop, if the account is open: asked at every request, so it is one statement
-- whose plans are kept. It enters the role and the shop for its own transaction, and sees what row-level security shows.
CREATE FUNCTION find_session(token text)
RETURNS TABLE (created_at timestamptz, seen_at timestamptz, person json, shop json)
LANGUAGE plpgsql AS $$
BEGIN
  PERFORM set_config('role', 'probe_app', true);
  PERFORM set_config('probe.token', token, true);
  PERFORM set_config('probe.shop_id', s.shop_id::text, true) FROM sessions s WHERE s.token_hash = token;
  RETURN QUERY
    SELECT
      s.created_at,
      s.seen_at,
      json_build_object('id', p.id, 'login', p.login, 'name', p.name, 'role', p.role),
      json_build_object('id', h.id, 'name', h.name)
    FROM sessions s
    JOIN people p ON p.id = s.person_id
    JOIN shops h ON h.id = s.shop_id
    WHERE s.token_hash = token
      AND p.is_active;
END
$$;
