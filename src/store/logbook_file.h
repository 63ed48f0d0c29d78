// The whole logbook as one open file: JSON Lines, one job a line, for another machine or another
// program.
#pragma once

#include "core/base/progress.h"
#include "store/logbook.h"

namespace haybale::store {

/// Writes every job as {"format": "haybale-logbook", "version": 1, "id", "path", "folder",
/// "headline", "changed", "revision", "parent", "origin", "case", "earlier": [the same of every
/// other state]}; replaces `file` only once it is whole. A job that cannot be read is left out and
/// said in the result; the others are written.
struct Exported {
  int jobs = 0;
  QStringList leftOut;
};
Result<Exported> exportLogbook(Logbook& book, const QString& file);

/// Adds the jobs of such a file. A line that is none is left out and said, with its number; the
/// others are taken. A job that is here already gets the states it did not have: which one is shown
/// then follows from them (revision.h), and no state is lost.
struct Imported {
  int jobs = 0;   ///< of which something new was taken
  int known = 0;  ///< lines that held nothing new
  QStringList bad;
};
Result<Imported> importLogbook(Logbook& book, const QString& file);

}  // namespace haybale::store
