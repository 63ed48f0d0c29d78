#include "store/job_place.h"

#include <QDateTime>

namespace haybale::store {

qint64 firstPlace(const QString& changed) {
  QDateTime moment = QDateTime::fromString(changed, Qt::ISODateWithMs);
  if (!moment.isValid()) {
    return 0;
  }
  if (moment.timeSpec() == Qt::LocalTime) {
    moment.setTimeSpec(Qt::UTC);
  }
  return std::max<qint64>(moment.toMSecsSinceEpoch(), 0) * kPlacesPerMs;
}

Result<qint64> freePlace(Database& db, const QString& changed) {
  for (qint64 first = firstPlace(changed);; first += kPlacesPerMs) {
    auto last = db.run(QStringLiteral("SELECT max(place) FROM jobs WHERE place >= ? AND place < ?"),
                       {first, first + kPlacesPerMs});
    if (!last) {
      return last.error();
    }
    const qint64 free =
        last->next() && !last->value(0).isNull() ? last->value(0).toLongLong() + 1 : first;
    if (free < first + kPlacesPerMs) {
      return free;
    }
  }
}

}  // namespace haybale::store
