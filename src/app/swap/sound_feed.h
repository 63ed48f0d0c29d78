// A sine fed to the sound card as it plays, a little ahead of it.
#pragma once

#include <QObject>
#include <functional>
#include <optional>

#include "core/signal/audio_wave.h"

class QTimer;

namespace haybale::app {

class SoundOut;

class SoundFeed : public QObject {
  Q_OBJECT

 public:
  struct Sine {
    double hz = 0;
    double share = 0;  ///< of full scale, 0..1
  };

  explicit SoundFeed(QObject* parent);

  /// Sounds until `stop`. `now` is asked for each piece, a fifth of a second ahead: a change of
  /// speed is heard at once, and nothing runs dry. Where it gives nothing the feed stops by itself.
  void start(std::function<std::optional<Sine>()> now);
  void stop();

 signals:
  /// It stopped by itself.
  void ended();

 private:
  void feed();

  QTimer* timer_;
  SoundOut* player_;
  signal::AudioWave wave_;
  std::function<std::optional<Sine>()> now_;
};

}  // namespace haybale::app
