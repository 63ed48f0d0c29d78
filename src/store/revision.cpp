#include "store/revision.h"

#include <QDateTime>
#include <QSysInfo>

#include "core/base/uuid.h"

namespace haybale::store {

QString firstRevision(const QString& job, const QString& changed, const QByteArray& content) {
  return QString::fromStdString(
      uuidOf((job + QChar(QChar::LineFeed) + changed + QChar(QChar::LineFeed)).toStdString() +
             content.toStdString()));
}

QString utcNow() {
  return QDateTime::currentDateTimeUtc().toString(Qt::ISODateWithMs);
}

QString laterThan(const QString& than, const QString& wanted) {
  if (wanted > than) {
    return wanted;
  }
  const QDateTime moment = QDateTime::fromString(than, Qt::ISODateWithMs);
  // A date that is none sorts behind itself with a sign appended.
  return moment.isValid() ? moment.toUTC().addMSecs(1).toString(Qt::ISODateWithMs)
                          : than + QLatin1Char('~');
}

QString benchName() {
  const QString own = qEnvironmentVariable("HAYBALE_BENCH");
  return own.isEmpty() ? QSysInfo::machineHostName() : own;
}

}  // namespace haybale::store
