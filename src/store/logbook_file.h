// The whole logbook as one open file: JSON Lines, one job a line, for another machine or another
// program.
#pragma once

#include "core/base/progress.h"
#include "store/logbook.h"

namespace haybale::store {

/// Writes every job as {"format": "haybale-logbook", "version": 1, "id", "path", "folder",
/// "headline", "changed", "case"}; replaces `file` only once it is whole.
Status exportLogbook(Logbook& book, const QString& file);

/// Adds the jobs of such a file: all of them, or none and a sentence with the line. A job that is
/// there already is replaced when the file's is newer. Gives back how many were taken.
Result<int> importLogbook(Logbook& book, const QString& file);

}  // namespace haybale::store
