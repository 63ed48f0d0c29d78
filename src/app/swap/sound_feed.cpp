#include "app/swap/sound_feed.h"

#include <QTimer>

#include "app/swap/sound_out.h"

namespace haybale::app {

SoundFeed::SoundFeed(QObject* parent)
    : QObject(parent),
      timer_(new QTimer(this)),
      player_(new SoundOut(signal::AudioWave::kRate, this)) {
  connect(timer_, &QTimer::timeout, this, &SoundFeed::feed);
}

void SoundFeed::start(std::function<std::optional<Sine>()> now) {
  now_ = std::move(now);
  timer_->start(40);
  feed();
}

void SoundFeed::stop() {
  timer_->stop();
  player_->stop();
}

void SoundFeed::feed() {
  constexpr double kAheadS = 0.2;
  const auto sine = now_();
  if (!sine) {
    stop();
    emit ended();
    return;
  }
  const double lacks = kAheadS - player_->ahead();
  if (lacks > 0) {
    player_->write(wave_.next(lacks, sine->hz, sine->share));
  }
}

}  // namespace haybale::app
