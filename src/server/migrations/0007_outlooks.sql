-- Where a case stands, as the engine judges its log up to a sequence: for the queue. Found out again when it is missing.
CREATE TABLE case_outlooks (
  case_id uuid PRIMARY KEY REFERENCES cases (id),
  shop_id uuid NOT NULL REFERENCES shops (id),
  sequence integer NOT NULL CHECK (sequence > 0),
  outlook jsonb NOT NULL
);

ALTER TABLE case_outlooks ENABLE ROW LEVEL SECURITY;
ALTER TABLE case_outlooks FORCE ROW LEVEL SECURITY;
CREATE POLICY own_shop ON case_outlooks USING (shop_id = current_shop()) WITH CHECK (shop_id = current_shop());
GRANT SELECT, INSERT, UPDATE, DELETE ON case_outlooks TO probe_app;
