#include "app/swap/sound_out.h"

#include <QAudioDevice>
#include <QAudioSink>
#include <QDateTime>
#include <QMediaDevices>

namespace haybale::app {

namespace {

// Half a second of room: more than is ever written ahead.
QIODevice* openSink(int rate, QObject* parent) {
  QAudioFormat format;
  format.setSampleRate(rate);
  format.setChannelCount(1);
  format.setSampleFormat(QAudioFormat::Int16);
  const auto device = QMediaDevices::defaultAudioOutput();
  if (device.isNull() || !device.isFormatSupported(format)) {
    return nullptr;
  }
  auto* sink = new QAudioSink(device, format, parent);
  sink->setBufferSize(format.bytesForDuration(500'000));
  return sink->start();
}

}  // namespace

SoundCard& soundCard() {
  static SoundCard card{[] { return !QMediaDevices::defaultAudioOutput().isNull(); }, openSink};
  return card;
}

SoundOut::SoundOut(int rate, QObject* parent) : QObject(parent), rate_(rate) {}

double SoundOut::ahead() const {
  const double playedS =
      static_cast<double>(QDateTime::currentMSecsSinceEpoch() - startedMs_) / 1e3;
  return device_ ? writtenS_ - playedS : 0;
}

void SoundOut::write(const std::vector<std::int16_t>& samples) {
  if (!session_) {
    session_ = new QObject(this);
    device_ = soundCard().open(rate_, session_);
    startedMs_ = QDateTime::currentMSecsSinceEpoch();
    writtenS_ = 0;
  }
  if (!device_) {
    return;
  }
  waiting_.append(reinterpret_cast<const char*>(samples.data()),
                  static_cast<qsizetype>(samples.size() * sizeof samples[0]));
  const qint64 taken = device_->write(waiting_);
  waiting_.remove(0, std::max<qint64>(0, taken));
  writtenS_ += static_cast<double>(samples.size()) / rate_;
}

void SoundOut::stop() {
  delete session_;
  session_ = nullptr;
  device_ = nullptr;
  waiting_.clear();
}

}  // namespace haybale::app
