-- The words of each case, for the search of a shop with very many. Only equality and order of text may be answered from
-- an index under row-level security (patterns and trigrams are not leakproof), so each word is a row.

-- Lower case, each word once, a blank before and after each: ' dead lamp tern '. Everything but ASCII punctuation and
-- blanks belongs to a word, whatever the language.
CREATE FUNCTION search_words(said text) RETURNS text
LANGUAGE sql IMMUTABLE
RETURN (
  SELECT ' ' || coalesce(string_agg(DISTINCT word, ' '), '') || ' '
  FROM regexp_split_to_table(lower(said), '[\s!-/:-@[-`{-~]+') AS word
  WHERE word <> ''
);

ALTER TABLE cases ADD COLUMN words text NOT NULL
GENERATED ALWAYS AS (search_words(machine || ' ' || owner || ' ' || complaint)) STORED;

CREATE INDEX cases_by_time ON cases (shop_id, (stage = 'closed'), updated_at DESC);

CREATE TABLE case_words (
  shop_id uuid NOT NULL REFERENCES shops (id),
  word text COLLATE "C" NOT NULL,
  case_id uuid NOT NULL REFERENCES cases (id),
  PRIMARY KEY (shop_id, word, case_id)
);

CREATE FUNCTION keep_case_words() RETURNS trigger
LANGUAGE plpgsql AS $$
BEGIN
  IF TG_OP = 'UPDATE' THEN
    DELETE FROM case_words
    WHERE shop_id = OLD.shop_id
      AND word = ANY (string_to_array(trim(OLD.words), ' '))
      AND case_id = OLD.id;
  END IF;
  INSERT INTO case_words (shop_id, word, case_id)
  SELECT NEW.shop_id, word, NEW.id
  FROM unnest(string_to_array(trim(NEW.words), ' ')) AS word;
  RETURN NULL;
END
$$;

CREATE TRIGGER words_of_new_case AFTER INSERT ON cases
FOR EACH ROW EXECUTE FUNCTION keep_case_words();
CREATE TRIGGER words_of_changed_case AFTER UPDATE ON cases
FOR EACH ROW WHEN (OLD.words IS DISTINCT FROM NEW.words) EXECUTE FUNCTION keep_case_words();

-- The cases that are there already, of every shop.
ALTER TABLE cases NO FORCE ROW LEVEL SECURITY;
INSERT INTO case_words (shop_id, word, case_id)
SELECT shop_id, word, id
FROM cases, unnest(string_to_array(trim(words), ' ')) AS word;
ALTER TABLE cases FORCE ROW LEVEL SECURITY;

ALTER TABLE case_words ENABLE ROW LEVEL SECURITY;
ALTER TABLE case_words FORCE ROW LEVEL SECURITY;
CREATE POLICY own_shop ON case_words USING (shop_id = current_shop()) WITH CHECK (shop_id = current_shop());
GRANT SELECT, INSERT, DELETE ON case_words TO probe_app;
