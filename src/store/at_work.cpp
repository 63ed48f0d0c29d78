#include "store/at_work.h"

#include "store/revision.h"

namespace haybale::store {

Status tellAtWork(Database& db, const QString& seat, const QString& job) {
  auto left =
      db.run(QStringLiteral("DELETE FROM at_work WHERE (seat=? AND job<>?) OR seen < now() - "
                            "interval '1 day'"),
             {seat, job});
  if (!left || job.isEmpty()) {
    return left ? Status(Done{}) : left.error();
  }
  auto told = db.run(QStringLiteral("INSERT INTO at_work (job, seat, bench) VALUES (?,?,?) ON "
                                    "CONFLICT (job, seat) DO UPDATE SET seen=now()"),
                     {job, seat, benchName()});
  return told ? Status(Done{}) : told.error();
}

Result<std::vector<AtWork>> othersAtWork(Database& db, const QString& seat, const QString& job) {
  auto found = db.run(
      QStringLiteral("SELECT bench, to_char(since AT TIME ZONE 'UTC', "
                     "'YYYY-MM-DD\"T\"HH24:MI:SS\"Z\"') FROM at_work WHERE job=? AND seat<>? AND "
                     "seen > now() - interval '%1 s' ORDER BY since")
          .arg(kGoneAfterS),
      {job, seat});
  if (!found) {
    return found.error();
  }
  std::vector<AtWork> out;
  while (found->next()) {
    out.push_back({found->value(0).toString(), found->value(1).toString()});
  }
  return out;
}

}  // namespace haybale::store
