#include "app/model/job_lock.h"

#include <fcntl.h>
#include <sys/file.h>
#include <unistd.h>

#include <QDir>
#include <QFile>
#include <cerrno>

#include "app/model/autosave.h"
#include "core/base/atomic_file.h"
#include "core/base/uuid.h"

namespace haybale::app {

namespace {

QString windowFile(const QString& token) {
  return stateFolder() + QStringLiteral("/windows/") + token;
}

// A window that lives holds its file locked; a file that can be locked is left over.
bool lives(const QString& token) {
  if (!isPlainName(token.toStdString())) {
    return false;
  }
  const QByteArray path = windowFile(token).toLocal8Bit();
  const int fd = ::open(path.constData(), O_RDWR | O_CLOEXEC);
  if (fd < 0) {
    return false;
  }
  const bool free = ::flock(fd, LOCK_EX | LOCK_NB) == 0;
  if (free) {
    ::unlink(path.constData());
  }
  ::close(fd);
  return !free;
}

// Whoever writes a job, or takes it over, waits for the other to end. Where the file cannot be made
// there is nobody to wait for.
class Turn {
 public:
  Turn(const QString& lockFile, JobLock::Claim::Place place)
      : fd_(::open(
            (lockFile + (place == JobLock::Claim::Place::file ? QStringLiteral(".turn")
                                                              : QStringLiteral(".book-turn")))
                .toLocal8Bit()
                .constData(),
            O_RDWR | O_CREAT | O_CLOEXEC, 0644)) {
    if (fd_ >= 0) {
      while (::flock(fd_, LOCK_EX) != 0 && errno == EINTR) {
      }
    }
  }
  Turn(const Turn&) = delete;
  Turn& operator=(const Turn&) = delete;
  ~Turn() {
    if (fd_ >= 0) {
      ::close(fd_);
    }
  }

 private:
  int fd_;
};

QString tokenIn(const QString& file) {
  const auto text = job::readFile(file.toStdString());
  return text ? QString::fromStdString(*text).trimmed() : QString();
}

}  // namespace

JobLock::JobLock() : token_(QString::fromStdString(newUuid())) {
  QDir().mkpath(stateFolder() + QStringLiteral("/windows"));
  QDir().mkpath(stateFolder() + QStringLiteral("/locks"));
  held_ = ::open(windowFile(token_).toLocal8Bit().constData(), O_RDWR | O_CREAT | O_CLOEXEC, 0644);
  if (held_ >= 0) {
    (void)::flock(held_, LOCK_EX | LOCK_NB);
  }
}

JobLock::~JobLock() {
  giveUp();
  if (held_ >= 0) {
    ::unlink(windowFile(token_).toLocal8Bit().constData());
    ::close(held_);
  }
}

QString JobLock::lockFile() const {
  return stateFolder() + QStringLiteral("/locks/") + job_;
}

void JobLock::giveUp() {
  if (!job_.isEmpty() && tokenIn(lockFile()) == token_) {
    QFile::remove(lockFile());
  }
  job_.clear();
}

bool JobLock::take(const QString& job) {
  giveUp();
  job_ = job;
  const QString other = tokenIn(lockFile());
  if (!other.isEmpty() && other != token_ && lives(other)) {
    return false;
  }
  seize();
  return true;
}

void JobLock::seize() {
  const Turn file(lockFile(), Claim::Place::file);
  const Turn book(lockFile(), Claim::Place::logbook);
  (void)job::writeFileAtomically(lockFile().toStdString(), token_.toStdString(), false);
}

bool JobLock::Claim::mine() const {
  const QString now = tokenIn(lockFile);
  return now.isEmpty() || now == token;
}

bool JobLock::Claim::whileMine(Place place, const std::function<void()>& write) const {
  const Turn turn(lockFile, place);
  if (!mine()) {
    return false;
  }
  write();
  return true;
}

}  // namespace haybale::app
