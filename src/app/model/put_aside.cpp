#include "app/model/put_aside.h"

#include <QCoreApplication>
#include <QFile>
#include <QFileInfo>
#include <mutex>
#include <utility>

namespace haybale::app {

namespace {

// Files are read on more than one thread.
std::mutex guard;
QStringList untold;

QString freeName(const QString& wanted) {
  QString name = wanted;
  for (int n = 2; QFile::exists(name); ++n) {
    name = QStringLiteral("%1-%2").arg(wanted).arg(n);
  }
  return name;
}

}  // namespace

void putAside(const QString& path) {
  const std::lock_guard lock(guard);
  const QString to = freeName(path + QStringLiteral(".damaged"));
  if (QFile::rename(path, to)) {
    untold << QCoreApplication::translate("PutAside", "%1 was damaged and is kept as %2.")
                  .arg(QFileInfo(path).fileName(), to);
  }
}

QStringList takePutAside() {
  const std::lock_guard lock(guard);
  return std::exchange(untold, {});
}

}  // namespace haybale::app
