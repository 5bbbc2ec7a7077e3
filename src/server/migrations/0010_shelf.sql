-- The shelf of a shop: its spares, whether each is known to be good, and for which case it is out. What a case did with
-- a spare stands in the log of the case; here stands what follows from it.
CREATE TABLE shelf_items (
  id uuid PRIMARY KEY,
  shop_id uuid NOT NULL REFERENCES shops (id),
  number integer NOT NULL,
  edition integer NOT NULL CHECK (edition > 0),
  part jsonb NOT NULL,
  standing text NOT NULL CHECK (standing IN ('good', 'untested', 'failed')),
  standing_since timestamptz NOT NULL,
  -- The case that showed it; null where somebody wrote it down.
  standing_case uuid REFERENCES cases (id),
  lent_case uuid REFERENCES cases (id),
  lent_at timestamptz,
  seen_at timestamptz NOT NULL,
  UNIQUE (shop_id, number),
  CHECK ((lent_case IS NULL) = (lent_at IS NULL))
);

CREATE INDEX shelf_items_lent ON shelf_items (lent_case) WHERE lent_case IS NOT NULL;

ALTER TABLE shelf_items ENABLE ROW LEVEL SECURITY;
ALTER TABLE shelf_items FORCE ROW LEVEL SECURITY;
CREATE POLICY own_shop ON shelf_items USING (shop_id = current_shop()) WITH CHECK (shop_id = current_shop());
GRANT SELECT, INSERT, UPDATE, DELETE ON shelf_items TO probe_app;

ALTER TABLE shops ADD COLUMN next_shelf_number integer NOT NULL DEFAULT 1;
