// The injection desk: a substitute signal in place of the sensor, its settings and limits, and what
// the module makes of it.
#pragma once

#include <QWidget>

#include "app/live/instrument_hub.h"
#include "app/swap/signal_fields.h"
#include "app/swap/sound_feed.h"
#include "app/swap/swap_page.h"

class QDoubleSpinBox;
class QTimer;

namespace haybale::diagnosis {
struct SwapOutlook;
}

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
  QLayout* keys();
  QLayout* moreKeys();
  QLayout* answer();
  void connectFields();
  void connectVehicle();
  void fillPlaces();
  void refresh();
  void showKeys();
  void showMeaning(const diagnosis::SwapOutlook* outlook);
  void start(bool on);
  void sweep();
  void saveSignal();
  void playSound(bool on);
  void readLog();
  void keep();
  void drawPreview();
  [[nodiscard]] signal::Substitute wantedSignal() const;
  [[nodiscard]] bool isCoil() const;
  [[nodiscard]] double seenKmh() const;
  [[nodiscard]] double hz() const;
  [[nodiscard]] std::optional<SoundFeed::Sine> sine() const;
  [[nodiscard]] double circumference() const;

  JobModel& model_;
  InstrumentHub& hub_;
  SignalFields* fields_;
  SceneWidget* board_;
  QLabel* steps_;
  QLabel* cautions_;
  QLabel* observed_;
  QDoubleSpinBox* seen_;
  QPushButton* sound_;
  QPushButton* start_;
  QPushButton* sweep_;
  QLabel* meaning_;
  SceneWidget* preview_ = nullptr;
  QTimer* sweeper_;
  SoundFeed* feed_;
  double nowHz_ = 0;  // while it sweeps
  double sweepShare_ = 0;
  bool running_ = false;
};

}  // namespace haybale::app
