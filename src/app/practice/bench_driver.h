// The row by which a made-up vehicle drives a real module on the bench: through the signal source
// that is connected. Off whenever the case is left, ended, or out of sight.
#pragma once

#include <QWidget>

#include "app/live/instrument_hub.h"
#include "app/practice/practice_desk.h"
#include "core/practice/bench_drive.h"

class QCheckBox;
class QDoubleSpinBox;
class QLabel;

namespace haybale::app {

class BenchDriver : public QWidget {
  Q_OBJECT

 public:
  BenchDriver(PracticeDesk& desk, InstrumentHub& hub, QWidget* parent);

 protected:
  void hideEvent(QHideEvent* event) override;

 private:
  void follow();  // the case, the speed, the source that is connected
  void drive(const practice::BenchDrive& wanted);
  void off();

  PracticeDesk& desk_;
  InstrumentHub& hub_;
  QCheckBox* wanted_;
  QDoubleSpinBox* kmh_;
  QLabel* tells_;
  bool running_ = false;
};

}  // namespace haybale::app
