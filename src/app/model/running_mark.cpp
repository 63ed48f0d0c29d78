#include "app/model/running_mark.h"

#include <fcntl.h>
#include <sys/file.h>
#include <unistd.h>

#include <QCoreApplication>
#include <QDir>
#include <QFile>
#include <cstdio>

#include "app/model/autosave.h"

namespace haybale::app {

namespace {

// Whether nobody holds it any more.
bool isLeft(const QString& path) {
  const int file = ::open(QFile::encodeName(path).constData(), O_RDWR | O_CLOEXEC | O_NOFOLLOW);
  if (file < 0) {
    return false;
  }
  const bool left = ::flock(file, LOCK_EX | LOCK_NB) == 0;
  ::close(file);
  return left;
}

}  // namespace

RunningMark::RunningMark() {
  const QString folder = stateFolder() + QStringLiteral("/running");
  QDir().mkpath(folder);
  for (const QString& name : QDir(folder).entryList(QDir::Files)) {
    const QString path = folder + QLatin1Char('/') + name;
    if (isLeft(path)) {
      crashed_ = QFile::remove(path) || crashed_;
    }
  }
  path_ = folder + QStringLiteral("/%1").arg(QCoreApplication::applicationPid());
  // Held before it is seen: a start beside this one must not take it for one that was left.
  const QByteArray unseen =
      QFile::encodeName(folder + QStringLiteral("/.%1").arg(QCoreApplication::applicationPid()));
  file_ = ::open(unseen.constData(), O_RDWR | O_CREAT | O_CLOEXEC | O_NOFOLLOW, 0600);
  if (file_ >= 0) {
    (void)::flock(file_, LOCK_EX | LOCK_NB);
    (void)std::rename(unseen.constData(), QFile::encodeName(path_).constData());
  }
}

RunningMark::~RunningMark() {
  if (file_ >= 0) {
    QFile::remove(path_);
    ::close(file_);
  }
}

}  // namespace haybale::app
