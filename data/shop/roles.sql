-- Who may do what in a shop's logbook. Run by the owner of the database after the first program has
-- made the tables, and again after a new version has brought them forward:  psql DATABASE -f roles.sql
-- Then for each person or bench:  CREATE ROLE bay2 LOGIN PASSWORD '...' IN ROLE haybale_bench;
--
--   haybale_reader   finds and reads
--   haybale_bench    also keeps jobs; a kept state is never changed or deleted
--   haybale_foreman  also takes jobs out and erases what is personal

DO $$ BEGIN
  CREATE ROLE haybale_reader NOLOGIN;
EXCEPTION WHEN duplicate_object THEN NULL; END $$;
DO $$ BEGIN
  CREATE ROLE haybale_bench NOLOGIN;
EXCEPTION WHEN duplicate_object THEN NULL; END $$;
DO $$ BEGIN
  CREATE ROLE haybale_foreman NOLOGIN;
EXCEPTION WHEN duplicate_object THEN NULL; END $$;

GRANT SELECT ON ALL TABLES IN SCHEMA public TO haybale_reader, haybale_bench, haybale_foreman;
GRANT INSERT, UPDATE, DELETE ON jobs, outcomes TO haybale_bench, haybale_foreman;
GRANT INSERT ON revisions TO haybale_bench;
GRANT INSERT, UPDATE, DELETE ON revisions TO haybale_foreman;
GRANT INSERT ON shelf TO haybale_bench, haybale_foreman;
GRANT INSERT, UPDATE ON peers TO haybale_bench, haybale_foreman;
GRANT INSERT, UPDATE, DELETE ON at_work TO haybale_bench, haybale_foreman;
GRANT INSERT, UPDATE ON attached TO haybale_bench, haybale_foreman;
GRANT INSERT ON pieces TO haybale_bench, haybale_foreman;
GRANT DELETE ON attached, pieces TO haybale_foreman;
GRANT INSERT ON erasures TO haybale_foreman;
GRANT USAGE ON ALL SEQUENCES IN SCHEMA public TO haybale_bench, haybale_foreman;

-- Rows: a bench writes states under its own name of the day, and takes no job out of the list.
ALTER TABLE revisions ENABLE ROW LEVEL SECURITY;
DROP POLICY IF EXISTS everybody_reads ON revisions;
CREATE POLICY everybody_reads ON revisions FOR SELECT USING (true);
DROP POLICY IF EXISTS bench_adds ON revisions;
CREATE POLICY bench_adds ON revisions FOR INSERT TO haybale_bench WITH CHECK (length(content) > 0);
DROP POLICY IF EXISTS foreman_all ON revisions;
CREATE POLICY foreman_all ON revisions FOR ALL TO haybale_foreman USING (true) WITH CHECK (true);
