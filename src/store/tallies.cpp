#include "store/tallies.h"

namespace haybale::store {

Result<std::vector<Tally>> tallies(Database& db, const QString& vehicle) {
  auto found = db.run(
      QStringLiteral("SELECT class, count(*), avg(minutes), sum(comeback) FROM outcomes WHERE "
                     "class<>''") +
          (vehicle.isEmpty()
               ? QString()
               : QStringLiteral(" AND substr(lower(vehicle), 1, length(?)) = lower(?)")) +
          QStringLiteral(" GROUP BY class ORDER BY 2 DESC, 1"),
      vehicle.isEmpty() ? QVariantList{} : QVariantList{vehicle, vehicle});
  if (!found) {
    return found.error();
  }
  std::vector<Tally> out;
  double all = 0;
  while (found->next()) {
    out.push_back({found->value(0).toString(), found->value(1).toLongLong(), 0,
                   found->value(2).toDouble(), found->value(3).toLongLong()});
    all += static_cast<double>(out.back().jobs);
  }
  for (auto& tally : out) {
    tally.share = static_cast<double>(tally.jobs) / all;
  }
  return out;
}

Result<job::Learnt> learnt(Database& db) {
  auto found = db.run(QStringLiteral(
      "SELECT class, count(*) FROM outcomes WHERE class<>'' AND proved<>0 GROUP BY class"));
  if (!found) {
    return found.error();
  }
  job::Learnt out;
  while (found->next()) {
    const double n = found->value(1).toDouble();
    out.counts[found->value(0).toString().toStdString()] = n;
    out.jobs += n;
  }
  return out;
}

}  // namespace haybale::store
