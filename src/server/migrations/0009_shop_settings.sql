-- What a lead decides for the shop. The program knows what each setting is when it is left out.
ALTER TABLE shops ADD COLUMN settings jsonb NOT NULL DEFAULT '{}';
