#include "app/model/program_log.h"

#include <QDateTime>
#include <QDir>
#include <QFile>
#include <QRegularExpression>
#include <mutex>

#include "app/model/autosave.h"

namespace haybale::app {

namespace {

constexpr qint64 kMostBytes = 512 * 1024;
std::mutex writing;
QtMessageHandler usualHandler = nullptr;

void onMessage(QtMsgType type, const QMessageLogContext& context, const QString& text) {
  if (type != QtDebugMsg && type != QtInfoMsg) {
    logLine(QStringLiteral("toolkit: ") + text);
  }
  if (usualHandler) {
    usualHandler(type, context, text);
  }
}

}  // namespace

QString logFile() {
  return stateFolder() + QStringLiteral("/log/haybale.log");
}

QString withoutPaths(QString text) {
  // A path ends at a blank; one with blanks in it ends at its ending, if that is a known one.
  static const QString endings =
      QStringLiteral(R"(\.(haybale\.json|json|csv|wav|vcd|zip|pdf|html?|png|svg|sqlite|db)\b)");
  static const QRegularExpression path(QStringLiteral(R"((~|\.{1,2})?/[^:;,"\n]*)") + endings +
                                       QStringLiteral(R"(|(~|\.{1,2})?/[^\s:;,"']+)"));
  static const QRegularExpression name(QStringLiteral(R"([^\s/:;,"']+)") + endings);
  text.replace(path, QStringLiteral("<file>"));
  text.replace(name, QStringLiteral("<file>"));
  return text;
}

void logLine(const QString& what) {
  const std::lock_guard lock(writing);
  const QString path = logFile();
  QDir().mkpath(stateFolder() + QStringLiteral("/log"));
  if (QFile(path).size() > kMostBytes) {
    const QString former = stateFolder() + QStringLiteral("/log/haybale.1.log");
    QFile::remove(former);
    QFile::rename(path, former);
  }
  QFile file(path);
  if (file.open(QIODevice::Append)) {
    file.write((QDateTime::currentDateTime().toString(Qt::ISODate) + QLatin1Char(' ') +
                withoutPaths(what).simplified() + QLatin1Char('\n'))
                   .toUtf8());
  }
}

void logToolkitMessages() {
  usualHandler = qInstallMessageHandler(onMessage);
}

}  // namespace haybale::app
