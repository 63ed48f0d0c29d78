// The tables of a logbook in both dialects: step n brings schema n to n + 1.
//
//   jobs       one row a job: what lists and searches show, and which revision is its head
//   revisions  every kept state of every job; the head is the latest leaf (revision.h)
//   job_words  (SQLite) full-text index of the heads, by place;  in PostgreSQL a column of jobs
//   outcomes   what closed jobs turned out to be
//   shelf      what a shop shares beside its jobs: readings kept as good, how made-up cases were
//              played, limits sheets, maps of scan tools (shelf.h)
//   erasures   jobs whose personal data was erased, and is not taken up again (erasing.h)
//   peers      how far this logbook was brought over to another one
//   at_work    (PostgreSQL) who has which job open (at_work.h)
//   attached   (PostgreSQL) files of a job that were brought along, and their bytes in pieces
#pragma once

#include <QStringList>
#include <vector>

#include "store/store_url.h"

namespace haybale::store {

/// Schema this version writes.
inline constexpr int kSchemaVersion = 5;

/// Statements of the step from `from`; empty where a dialect has nothing to do. A new PostgreSQL
/// logbook begins with the tables of schema 4 at step 0.
[[nodiscard]] const QStringList& schemaStep(Engine engine, int from);

}  // namespace haybale::store
