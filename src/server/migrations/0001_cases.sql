-- Shops, cases and their append-only logs. Every row belongs to a shop; row-level security keeps shops apart even
-- where a query forgets its WHERE. Requests run as the role probe_app with probe.shop_id set for the transaction.

CREATE TABLE shops (
  id uuid PRIMARY KEY,
  name text NOT NULL,
  next_case_number integer NOT NULL DEFAULT 1,
  created_at timestamptz NOT NULL DEFAULT now()
);

CREATE TABLE cases (
  id uuid PRIMARY KEY,
  shop_id uuid NOT NULL REFERENCES shops (id),
  number integer NOT NULL,
  -- What follows is computed from the log when an event is appended, for the queue and the search.
  machine text NOT NULL,
  owner text NOT NULL,
  complaint text NOT NULL,
  stage text NOT NULL CHECK (stage IN ('waiting', 'on-bench', 'parked', 'closed')),
  waiting_for text,
  trials integer NOT NULL,
  last_sequence integer NOT NULL,
  opened_at timestamptz NOT NULL,
  updated_at timestamptz NOT NULL,
  UNIQUE (shop_id, number)
);

CREATE INDEX cases_by_stage ON cases (shop_id, stage, updated_at DESC);

CREATE TABLE case_events (
  case_id uuid NOT NULL REFERENCES cases (id),
  sequence integer NOT NULL CHECK (sequence > 0),
  shop_id uuid NOT NULL REFERENCES shops (id),
  event_id uuid NOT NULL,
  event jsonb NOT NULL,
  -- SHA-256 over the hash of the event before, the sequence and the event: a changed log shows.
  hash text NOT NULL CHECK (hash ~ '^[0-9a-f]{64}$'),
  recorded_at timestamptz NOT NULL DEFAULT now(),
  PRIMARY KEY (case_id, sequence),
  UNIQUE (case_id, event_id)
);

ALTER TABLE shops ENABLE ROW LEVEL SECURITY;
ALTER TABLE shops FORCE ROW LEVEL SECURITY;
ALTER TABLE cases ENABLE ROW LEVEL SECURITY;
ALTER TABLE cases FORCE ROW LEVEL SECURITY;
ALTER TABLE case_events ENABLE ROW LEVEL SECURITY;
ALTER TABLE case_events FORCE ROW LEVEL SECURITY;

CREATE FUNCTION current_shop() RETURNS uuid
LANGUAGE sql STABLE
RETURN nullif(current_setting('probe.shop_id', true), '')::uuid;

CREATE POLICY own_shop ON shops USING (id = current_shop()) WITH CHECK (id = current_shop());
CREATE POLICY own_shop ON cases USING (shop_id = current_shop()) WITH CHECK (shop_id = current_shop());
CREATE POLICY own_shop ON case_events USING (shop_id = current_shop()) WITH CHECK (shop_id = current_shop());

GRANT USAGE ON SCHEMA public TO probe_app;
GRANT SELECT, INSERT, UPDATE ON shops TO probe_app;
GRANT SELECT, INSERT, UPDATE ON cases TO probe_app;
-- The log is append-only: no UPDATE, no DELETE.
GRANT SELECT, INSERT ON case_events TO probe_app;
