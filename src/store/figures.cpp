#include "store/figures.h"

#include <algorithm>

namespace haybale::store {

namespace {

const QString kOfVehicle = QStringLiteral(" AND substr(lower(vehicle), 1, length(?)) = lower(?)");

QVariantList valuesFor(const QString& vehicle) {
  return vehicle.isEmpty() ? QVariantList{} : QVariantList{vehicle, vehicle};
}

Result<std::vector<Figure>> rowsOf(Database& db, const QString& sql, const QVariantList& values) {
  auto found = db.run(sql, values);
  if (!found) {
    return found.error();
  }
  std::vector<Figure> out;
  while (found->next()) {
    out.push_back({found->value(0).toString(), found->value(1).toLongLong(),
                   found->value(2).toDouble(), found->value(3).toLongLong()});
  }
  return out;
}

// Closed jobs by a column of the outcomes.
Result<std::vector<Figure>> grouped(Database& db, const QString& column, const QString& vehicle,
                                    const QString& order, int most) {
  return rowsOf(db,
                QStringLiteral("SELECT %1, count(*), coalesce(avg(CASE WHEN minutes>0 THEN minutes "
                               "END), 0), sum(comeback) FROM outcomes WHERE %1<>''%2 GROUP BY %1 "
                               "ORDER BY %3 LIMIT %4")
                    .arg(column, vehicle.isEmpty() ? QString() : kOfVehicle, order)
                    .arg(most),
                valuesFor(vehicle));
}

Status addTotals(Database& db, const QString& vehicle, Figures& out) {
  const QString only = vehicle.isEmpty() ? QString() : kOfVehicle;
  auto jobs =
      db.run(QStringLiteral("SELECT count(*) FROM jobs WHERE 1=1%1").arg(only), valuesFor(vehicle));
  if (!jobs) {
    return jobs.error();
  }
  out.jobs = jobs->next() ? jobs->value(0).toLongLong() : 0;
  auto closed =
      db.run(QStringLiteral("SELECT count(*), coalesce(sum(proved), 0), coalesce(sum(comeback), "
                            "0), coalesce(avg(CASE WHEN minutes>0 THEN minutes END), 0) FROM "
                            "outcomes WHERE 1=1%1")
                 .arg(only),
             valuesFor(vehicle));
  if (!closed) {
    return closed.error();
  }
  if (closed->next()) {
    out.closed = closed->value(0).toLongLong();
    out.proved = closed->value(1).toLongLong();
    out.comebacks = closed->value(2).toLongLong();
    out.minutes = closed->value(3).toDouble();
  }
  return Done{};
}

}  // namespace

Result<Figures> figuresOf(Database& db, const QString& vehicle) {
  Figures out;
  if (auto status = addTotals(db, vehicle, out); !status) {
    return status.error();
  }
  const QString often = QStringLiteral("2 DESC, 1");
  const struct {
    std::vector<Figure>* where;
    QString column;
    QString order;
    int most;
  } groups[] = {
      {&out.months, QStringLiteral("substr(closed, 1, 7)"), QStringLiteral("1 DESC"), kMonths},
      {&out.vehicles, QStringLiteral("vehicle"), often, kMostRows},
      {&out.faults, QStringLiteral("fault"), often, kMostRows},
      {&out.places, QStringLiteral("class"), often, kMostRows}};
  for (const auto& group : groups) {
    auto rows = grouped(db, group.column, vehicle, group.order, group.most);
    if (!rows) {
      return rows.error();
    }
    *group.where = std::move(*rows);
  }
  std::reverse(out.months.begin(), out.months.end());
  auto benches = rowsOf(
      db,
      QStringLiteral("SELECT r.origin, count(*), 0, 0 FROM jobs j JOIN revisions r ON "
                     "r.revision=j.revision WHERE 1=1%1 GROUP BY r.origin ORDER BY 2 DESC, 1 LIMIT "
                     "%2")
          .arg(vehicle.isEmpty()
                   ? QString()
                   : QStringLiteral(" AND substr(lower(j.vehicle), 1, length(?)) = lower(?)"))
          .arg(kMostRows),
      valuesFor(vehicle));
  if (!benches) {
    return benches.error();
  }
  out.benches = std::move(*benches);
  return out;
}

QString figuresCsv(const Figures& f) {
  QString out = QStringLiteral("by,name,jobs,mean_minutes,comebacks\n");
  const auto add = [&](const char* by, const std::vector<Figure>& rows) {
    for (const auto& row : rows) {
      QString name = row.name;
      name.replace(QLatin1Char('"'), QStringLiteral("\"\""));
      out += QStringLiteral("%1,\"%2\",%3,%4,%5\n")
                 .arg(QLatin1String(by), name)
                 .arg(row.jobs)
                 .arg(row.minutes, 0, 'f', 1)
                 .arg(row.comebacks);
    }
  };
  add("month", f.months);
  add("vehicle", f.vehicles);
  add("fault", f.faults);
  add("place", f.places);
  add("bench", f.benches);
  return out;
}

}  // namespace haybale::store
