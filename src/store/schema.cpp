#include "store/schema.h"

namespace haybale::store {

namespace {

const QStringList kSqlite[] = {
    {QStringLiteral("CREATE TABLE jobs (row INTEGER PRIMARY KEY, id TEXT NOT NULL UNIQUE, path "
                    "TEXT NOT NULL, folder TEXT NOT NULL, title TEXT NOT NULL, vehicle TEXT NOT "
                    "NULL, suspect TEXT NOT NULL, headline TEXT NOT NULL, changed TEXT NOT NULL, "
                    "content BLOB NOT NULL)"),
     QStringLiteral("CREATE INDEX jobs_changed ON jobs (changed)"),
     QStringLiteral("CREATE VIRTUAL TABLE job_text USING fts5(title, vehicle, body, tags, "
                    "prefix='2 3 4', detail=column, tokenize='unicode61 remove_diacritics 2')"),
     QStringLiteral("CREATE TABLE outcomes (row INTEGER PRIMARY KEY, vehicle TEXT NOT NULL, class "
                    "TEXT NOT NULL, fault TEXT NOT NULL, closed TEXT NOT NULL, minutes REAL NOT "
                    "NULL, proved INTEGER NOT NULL, comeback INTEGER NOT NULL)"),
     QStringLiteral("CREATE INDEX outcomes_class ON outcomes (class, proved, minutes, comeback)")},
    {QStringLiteral("CREATE TABLE goods (row INTEGER PRIMARY KEY, quantity TEXT NOT NULL, value "
                    "REAL NOT NULL, celsius REAL, vehicle TEXT NOT NULL, module TEXT NOT NULL, "
                    "part TEXT NOT NULL, circuit TEXT NOT NULL, place TEXT NOT NULL, taken TEXT "
                    "NOT NULL, trace TEXT NOT NULL)"),
     QStringLiteral("CREATE INDEX goods_quantity ON goods (quantity)")},
    // What hangs on a job goes with it, whoever deletes it: an outcome left behind would teach for
    // ever.
    {QStringLiteral("DELETE FROM outcomes WHERE row NOT IN (SELECT row FROM jobs)"),
     QStringLiteral("DELETE FROM job_text WHERE rowid NOT IN (SELECT row FROM jobs)"),
     QStringLiteral("CREATE TRIGGER IF NOT EXISTS jobs_gone AFTER DELETE ON jobs BEGIN "
                    "DELETE FROM outcomes WHERE row=old.row; "
                    "DELETE FROM job_text WHERE rowid=old.row; END")},
    // Every kept state is a revision of its own. What was there becomes the first one, by a name
    // made of its content, so that the same job brought forward on two machines is one.
    {QStringLiteral("CREATE TABLE revisions (row INTEGER PRIMARY KEY AUTOINCREMENT, job TEXT NOT "
                    "NULL, revision TEXT NOT NULL UNIQUE, parent TEXT NOT NULL, changed TEXT NOT "
                    "NULL, origin TEXT NOT NULL, path TEXT NOT NULL, folder TEXT NOT NULL, "
                    "headline TEXT NOT NULL, content BLOB NOT NULL)"),
     QStringLiteral("CREATE INDEX revisions_job ON revisions (job, parent)"),
     QStringLiteral(
         "CREATE TABLE peers (url TEXT PRIMARY KEY, claimed INTEGER NOT NULL, sent INTEGER "
         "NOT NULL, got TEXT NOT NULL)"),
     QStringLiteral(
         "CREATE TABLE practice (row INTEGER PRIMARY KEY, trainee TEXT NOT NULL, case_id "
         "TEXT NOT NULL, seed INTEGER NOT NULL, skill TEXT NOT NULL, level INTEGER NOT "
         "NULL, points INTEGER NOT NULL, minutes REAL NOT NULL, best_minutes REAL NOT "
         "NULL, correct INTEGER NOT NULL, wrong_parts INTEGER NOT NULL, hints INTEGER NOT "
         "NULL, brier REAL NOT NULL, played TEXT NOT NULL)"),
     QStringLiteral("ALTER TABLE jobs ADD COLUMN state TEXT NOT NULL DEFAULT 'open'"),
     QStringLiteral("ALTER TABLE jobs ADD COLUMN revision TEXT NOT NULL DEFAULT ''"),
     QStringLiteral("UPDATE jobs SET revision='first-' || lower(hex(randomblob(16))), "
                    "state=CASE WHEN row IN (SELECT row FROM outcomes) THEN 'closed' ELSE 'open' "
                    "END, changed=coalesce(strftime('%Y-%m-%dT%H:%M:%fZ', changed, 'utc'), "
                    "changed)"),
     QStringLiteral("INSERT INTO revisions (job, revision, parent, changed, origin, path, folder, "
                    "headline, content) SELECT id, revision, '', changed, '', path, folder, "
                    "headline, content FROM jobs ORDER BY row"),
     QStringLiteral("ALTER TABLE jobs DROP COLUMN content")},
    // Words by the moment of change (job_place.h), so that the latest are found first without
    // looking at all; and what a shop shares beside its jobs.
    {QStringLiteral("ALTER TABLE jobs ADD COLUMN place INTEGER NOT NULL DEFAULT 0"),
     QStringLiteral(
         "WITH moments AS (SELECT row, coalesce(CAST(round((julianday(changed)-2440587.5)"
         "*86400000) AS INTEGER), 0) AS ms FROM jobs), places AS (SELECT row, ms*4096 + "
         "row_number() OVER (PARTITION BY ms ORDER BY row) - 1 AS place FROM moments) "
         "UPDATE jobs SET place=places.place FROM places WHERE places.row=jobs.row"),
     QStringLiteral("CREATE UNIQUE INDEX jobs_place ON jobs (place)"),
     QStringLiteral("CREATE VIRTUAL TABLE job_words USING fts5(title, vehicle, body, tags, "
                    "prefix='1 2 3 4', detail=column, tokenize='unicode61 remove_diacritics 2')"),
     QStringLiteral("INSERT INTO job_words (rowid, title, vehicle, body, tags) SELECT j.place, "
                    "t.title, t.vehicle, t.body, t.tags FROM jobs j JOIN job_text t ON "
                    "t.rowid=j.row ORDER BY j.place"),
     QStringLiteral("DROP TRIGGER jobs_gone"), QStringLiteral("DROP TABLE job_text"),
     QStringLiteral("CREATE TRIGGER jobs_gone AFTER DELETE ON jobs BEGIN "
                    "DELETE FROM outcomes WHERE row=old.row; "
                    "DELETE FROM job_words WHERE rowid=old.place; END"),
     QStringLiteral(
         "CREATE TABLE shelf (row INTEGER PRIMARY KEY AUTOINCREMENT, kind TEXT NOT NULL, "
         "name TEXT NOT NULL, version TEXT NOT NULL UNIQUE, changed TEXT NOT NULL, "
         "origin TEXT NOT NULL, content BLOB NOT NULL)"),
     QStringLiteral("CREATE INDEX shelf_names ON shelf (kind, name, changed)"),
     QStringLiteral(
         "CREATE TABLE erasures (job TEXT PRIMARY KEY, erased TEXT NOT NULL, origin TEXT "
         "NOT NULL)"),
     QStringLiteral("ALTER TABLE peers ADD COLUMN shelf_sent INTEGER NOT NULL DEFAULT 0"),
     QStringLiteral("ALTER TABLE peers ADD COLUMN shelf_got TEXT NOT NULL DEFAULT '0'")},
};

const QStringList kPostgres{
    QStringLiteral("CREATE TABLE jobs (row BIGSERIAL PRIMARY KEY, id TEXT NOT NULL UNIQUE, path "
                   "TEXT NOT NULL, folder TEXT NOT NULL, title TEXT NOT NULL, vehicle TEXT NOT "
                   "NULL, suspect TEXT NOT NULL, headline TEXT NOT NULL, changed TEXT COLLATE "
                   "\"C\" NOT NULL, state TEXT NOT NULL DEFAULT 'open', revision TEXT NOT NULL "
                   "DEFAULT '', words TSVECTOR NOT NULL)"),
    QStringLiteral("CREATE INDEX jobs_changed ON jobs (changed)"),
    QStringLiteral("CREATE INDEX jobs_words ON jobs USING GIN (words) WITH (fastupdate=on, "
                   "gin_pending_list_limit=256)"),
    QStringLiteral("CREATE TABLE outcomes (row BIGINT PRIMARY KEY REFERENCES jobs (row) ON DELETE "
                   "CASCADE, vehicle TEXT NOT NULL, class TEXT NOT NULL, fault TEXT NOT NULL, "
                   "closed TEXT NOT NULL, minutes DOUBLE PRECISION NOT NULL, proved INTEGER NOT "
                   "NULL, comeback INTEGER NOT NULL)"),
    QStringLiteral("CREATE INDEX outcomes_class ON outcomes (class, proved, minutes, comeback)"),
    QStringLiteral("CREATE TABLE goods (row BIGSERIAL PRIMARY KEY, quantity TEXT NOT NULL, value "
                   "DOUBLE PRECISION NOT NULL, celsius DOUBLE PRECISION, vehicle TEXT NOT NULL, "
                   "module TEXT NOT NULL, part TEXT NOT NULL, circuit TEXT NOT NULL, place TEXT "
                   "NOT NULL, taken TEXT NOT NULL, trace TEXT NOT NULL)"),
    QStringLiteral("CREATE INDEX goods_quantity ON goods (quantity)"),
    // `xid`: who reads what is new asks for what was committed before all that still runs.
    QStringLiteral("CREATE TABLE revisions (row BIGSERIAL PRIMARY KEY, job TEXT NOT NULL, revision "
                   "TEXT NOT NULL UNIQUE, parent TEXT NOT NULL, changed TEXT COLLATE \"C\" NOT "
                   "NULL, origin TEXT NOT NULL, path TEXT NOT NULL, folder TEXT NOT NULL, headline "
                   "TEXT NOT NULL, content TEXT NOT NULL, xid XID8 NOT NULL DEFAULT "
                   "pg_current_xact_id())"),
    QStringLiteral("CREATE INDEX revisions_job ON revisions (job, parent)"),
    QStringLiteral("CREATE INDEX revisions_xid ON revisions (xid)"),
    QStringLiteral(
        "CREATE TABLE peers (url TEXT PRIMARY KEY, claimed BIGINT NOT NULL, sent BIGINT NOT "
        "NULL, got TEXT NOT NULL)"),
    QStringLiteral(
        "CREATE TABLE practice (row BIGSERIAL PRIMARY KEY, trainee TEXT NOT NULL, case_id "
        "TEXT NOT NULL, seed BIGINT NOT NULL, skill TEXT NOT NULL, level INTEGER NOT NULL, "
        "points INTEGER NOT NULL, minutes DOUBLE PRECISION NOT NULL, best_minutes DOUBLE "
        "PRECISION NOT NULL, correct INTEGER NOT NULL, wrong_parts INTEGER NOT NULL, hints "
        "INTEGER NOT NULL, brier DOUBLE PRECISION NOT NULL, played TEXT NOT NULL)"),
};

const QStringList kPostgresShared{
    // Half of what keeping a state costs the server is packing it; this packs faster.
    QStringLiteral("DO $$ BEGIN ALTER TABLE revisions ALTER content SET COMPRESSION lz4; "
                   "EXCEPTION WHEN feature_not_supported THEN NULL; END $$"),
    QStringLiteral("CREATE TABLE shelf (row BIGSERIAL PRIMARY KEY, kind TEXT NOT NULL, name TEXT "
                   "NOT NULL, version TEXT NOT NULL UNIQUE, changed TEXT COLLATE \"C\" NOT NULL, "
                   "origin TEXT NOT NULL, content TEXT NOT NULL, xid XID8 NOT NULL DEFAULT "
                   "pg_current_xact_id())"),
    QStringLiteral("CREATE INDEX shelf_names ON shelf (kind, name, changed)"),
    QStringLiteral("CREATE INDEX shelf_xid ON shelf (xid)"),
    QStringLiteral("CREATE TABLE erasures (job TEXT PRIMARY KEY, erased TEXT NOT NULL, origin TEXT "
                   "NOT NULL)"),
    QStringLiteral("ALTER TABLE peers ADD COLUMN shelf_sent BIGINT NOT NULL DEFAULT 0"),
    QStringLiteral("ALTER TABLE peers ADD COLUMN shelf_got TEXT NOT NULL DEFAULT '0'"),
    QStringLiteral("CREATE TABLE at_work (job TEXT NOT NULL, seat TEXT NOT NULL, bench TEXT NOT "
                   "NULL, since TIMESTAMPTZ NOT NULL DEFAULT now(), seen TIMESTAMPTZ NOT NULL "
                   "DEFAULT now(), PRIMARY KEY (job, seat))"),
    QStringLiteral("CREATE TABLE attached (job TEXT NOT NULL, name TEXT NOT NULL, sha256 TEXT NOT "
                   "NULL, bytes BIGINT NOT NULL, PRIMARY KEY (job, name))"),
    QStringLiteral("CREATE INDEX attached_sha256 ON attached (sha256)"),
    QStringLiteral("CREATE TABLE pieces (sha256 TEXT NOT NULL, part INTEGER NOT NULL, data BYTEA "
                   "NOT NULL, PRIMARY KEY (sha256, part))"),
};

const QStringList kNothing;

}  // namespace

const QStringList& schemaStep(Engine engine, int from) {
  if (engine == Engine::sqlite) {
    return from >= 0 && from < kSchemaVersion ? kSqlite[from] : kNothing;
  }
  return from == 0 ? kPostgres : from == 4 ? kPostgresShared : kNothing;
}

}  // namespace haybale::store
