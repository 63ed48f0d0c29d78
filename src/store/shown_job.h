// What lists and searches show of a job: its row with the words it is found by, and what it turned
// out to be once it is closed. Written from the state that is its head (revision.h).
#pragma once

#include "core/job/case.h"
#include "store/database.h"
#include "store/revision.h"
#include "store/search_words.h"

namespace haybale::store {

struct ShownJob {
  Revision head;
  SearchEntry words;
  QString title;
  QString vehicle;
  QString suspect;
  bool closed = false;
  // Of a closed job: class of the element ("leg/flex"), way it failed, date, minutes.
  QString found;
  QString fault;
  QString date;
  double minutes = 0;
  bool proved = false;
  bool comeback = false;
};
[[nodiscard]] ShownJob shownJob(const Revision& head, const job::Case& c);

/// Makes the job's row show this. REQUIRES: a transaction in which the job is held.
Status show(Database& db, const ShownJob& job);

/// PostgreSQL: keeps the head as a revision and shows it, in one statement that is a transaction of
/// its own. A row that shows a later state already stays.
Status keepAndShow(Database& db, const ShownJob& job);

}  // namespace haybale::store
