INSERT INTO "shelf_items" ("kind", "id", "body")
SELECT DISTINCT ON (lower(word ->> 'text')) 'word', lower(word ->> 'text'), word
FROM "jobs", jsonb_array_elements("jobs"."words") AS word
ORDER BY lower(word ->> 'text'), "jobs"."updated_at" DESC
ON CONFLICT DO NOTHING;
