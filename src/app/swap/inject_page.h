// The injection desk: a substitute signal in place of the sensor, its settings and limits, and what
// the module makes of it.
#pragma once

#include <QHash>
#include <QWidget>

#include "app/live/instrument_hub.h"
#include "app/swap/sound_out.h"
#include "app/swap/swap_page.h"
#include "core/signal/audio_wave.h"

class QDoubleSpinBox;
class QTimer;

namespace haybale::signal {
struct Substitute;
}

namespace haybale::app {

class InjectPage : public QWidget {
  Q_OBJECT

 public:
  InjectPage(JobModel& model, InstrumentHub& hub, QWidget* parent = nullptr);
  [[nodiscard]] circuit::Test test() const;

 signals:
  void said(const QString& sentence, bool bad);

 protected:
  void showEvent(QShowEvent* event) override;

 private:
  QLayout* fields();
  QLayout* keys();
  QLayout* moreKeys();
  QLayout* answer();
  void connectFields();
  void connectVehicle();
  void fillPlaces();
  void refresh();
  void start(bool on);
  void sweep();
  void saveSignal();
  void playSound(bool on);
  void feedSound();
  void readLog();
  void keep();
  void drawPreview();
  [[nodiscard]] signal::Substitute wantedSignal() const;
  [[nodiscard]] bool isCoil() const;
  [[nodiscard]] double fedKmh() const;
  [[nodiscard]] double hz() const;
  [[nodiscard]] double circumference() const;

  JobModel& model_;
  InstrumentHub& hub_;
  QHash<QWidget*, QLabel*> labels_;  // of the fields
  QComboBox* place_;
  QDoubleSpinBox* kmh_;
  QDoubleSpinBox* volts_;
  QDoubleSpinBox* supply_;
  QDoubleSpinBox* sense_;
  QLabel* settings_;
  QLabel* box_;
  SceneWidget* board_;
  QLabel* steps_;
  QLabel* cautions_;
  QLabel* observed_;
  QDoubleSpinBox* seen_;
  QDoubleSpinBox* fullScale_;
  QPushButton* sound_;
  QPushButton* start_;
  QPushButton* sweep_;
  QLabel* meaning_;
  SceneWidget* preview_ = nullptr;
  QTimer* sweeper_;
  QTimer* feeder_;  // of the sound output
  SoundOut* player_;
  signal::AudioWave wave_;
  double nowHz_ = 0;  // while it sweeps
  double sweepShare_ = 0;
  bool running_ = false;
};

}  // namespace haybale::app
