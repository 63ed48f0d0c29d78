#include "app/far/voice.h"

#include <QProcess>
#include <QStandardPaths>

namespace haybale::app {

namespace {

QString program() {
  return QStandardPaths::findExecutable(QStringLiteral("spd-say"));
}

}  // namespace

Voice::Voice(QObject* parent) : QObject(parent) {}

bool Voice::available() {
  return !program().isEmpty();
}

void Voice::say(const QString& sentence) {
  if (instead) {
    instead(sentence);
    return;
  }
  if (available()) {
    stop();
    QProcess::startDetached(program(), {QStringLiteral("--"), sentence});
  }
}

void Voice::stop() {
  if (!instead && available()) {
    QProcess::startDetached(program(), {QStringLiteral("--cancel")});
  }
}

}  // namespace haybale::app
