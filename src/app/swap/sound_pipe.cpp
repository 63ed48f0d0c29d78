#include "app/swap/sound_pipe.h"

#include <QDateTime>
#include <QProcess>
#include <QStandardPaths>

namespace haybale::app {

namespace {
QString playerProgram() {
  return QStandardPaths::findExecutable(QStringLiteral("aplay"));
}
}  // namespace

SoundPipe::SoundPipe(int rate, QObject* parent) : QObject(parent), rate_(rate) {}

bool SoundPipe::available() {
  return !playerProgram().isEmpty();
}

double SoundPipe::ahead() const {
  const double playedS =
      static_cast<double>(QDateTime::currentMSecsSinceEpoch() - startedMs_) / 1e3;
  return player_ ? writtenS_ - playedS : 0;
}

void SoundPipe::write(const std::vector<std::int16_t>& samples) {
  if (!player_) {
    player_ = new QProcess(this);
    player_->start(playerProgram(),
                   {QStringLiteral("-q"), QStringLiteral("-t"), QStringLiteral("raw"),
                    QStringLiteral("-f"), QStringLiteral("S16_LE"), QStringLiteral("-r"),
                    QString::number(rate_), QStringLiteral("-c"), QStringLiteral("1")});
    startedMs_ = QDateTime::currentMSecsSinceEpoch();
    writtenS_ = 0;
  }
  player_->write(reinterpret_cast<const char*>(samples.data()),
                 static_cast<qint64>(samples.size() * sizeof samples[0]));
  writtenS_ += static_cast<double>(samples.size()) / rate_;
}

void SoundPipe::stop() {
  if (player_) {
    player_->closeWriteChannel();
    if (!player_->waitForFinished(200)) {
      player_->kill();
      player_->waitForFinished(200);
    }
    delete player_;
    player_ = nullptr;
  }
}

}  // namespace haybale::app
