// Samples to the sound card, through the toolkit's own audio.
#pragma once

#include <QObject>
#include <cstdint>
#include <functional>
#include <vector>

class QIODevice;

namespace haybale::app {

/// Where samples go, in one place so that tests can listen.
struct SoundCard {
  /// Whether there is anything that sounds. Asked late: it looks for devices.
  std::function<bool()> present;
  /// Begins to sound: mono, signed 16 bit, `rate` samples a second. Owned by `parent`; null where
  /// it cannot be begun.
  std::function<QIODevice*(int rate, QObject* parent)> open;
};
[[nodiscard]] SoundCard& soundCard();

class SoundOut : public QObject {
  Q_OBJECT

 public:
  /// Mono, signed 16 bit, `rate` samples a second.
  SoundOut(int rate, QObject* parent);
  /// Seconds written that are not played yet, by the clock.
  [[nodiscard]] double ahead() const;
  void write(const std::vector<std::int16_t>& samples);
  void stop();

 private:
  int rate_;
  QObject* session_ = nullptr;  ///< owns what sounds, as long as it sounds
  QIODevice* device_ = nullptr;
  QByteArray waiting_;  ///< not taken by the card yet
  qint64 startedMs_ = 0;
  double writtenS_ = 0;
};

}  // namespace haybale::app
