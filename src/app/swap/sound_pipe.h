// Samples to whatever player of the system takes them.
#pragma once

#include <QObject>
#include <cstdint>
#include <vector>

class QProcess;

namespace haybale::app {

class SoundPipe : public QObject {
  Q_OBJECT

 public:
  /// Mono, signed 16 bit, `rate` samples a second.
  SoundPipe(int rate, QObject* parent);
  /// Whether there is a player: the program aplay (Debian: alsa-utils).
  [[nodiscard]] static bool available();
  /// Seconds written that are not played yet, by the clock.
  [[nodiscard]] double ahead() const;
  void write(const std::vector<std::int16_t>& samples);
  void stop();

 private:
  int rate_;
  QProcess* player_ = nullptr;
  qint64 startedMs_ = 0;
  double writtenS_ = 0;
};

}  // namespace haybale::app
