// The tables of a logbook in both dialects: step n brings schema n to n + 1.
//
//   jobs       one row a job: what lists and searches show, and which revision is its head
//   revisions  every kept state of every job; the head is the latest leaf (revision.h)
//   job_text   (SQLite) full-text index of the heads;  in PostgreSQL a column of jobs
//   outcomes   what closed jobs turned out to be
//   goods      readings kept as good
//   practice   how made-up cases were played
//   peers      how far this logbook was brought over to another one
#pragma once

#include <QStringList>
#include <vector>

#include "store/store_url.h"

namespace haybale::store {

/// Schema this version writes.
inline constexpr int kSchemaVersion = 4;

/// Statements of the step from `from`; empty where a dialect has nothing to do. A new PostgreSQL
/// logbook begins with all tables at step 0.
[[nodiscard]] const QStringList& schemaStep(Engine engine, int from);

}  // namespace haybale::store
