// Which instruments are connected, in one line; connecting them, or opening the simulated yard.
#pragma once

#include <QWidget>

#include "app/live/instrument_hub.h"
#include "app/model/job_model.h"

class QLabel;
class QPushButton;

namespace haybale::app {

class InstrumentStrip : public QWidget {
  Q_OBJECT

 public:
  InstrumentStrip(JobModel& model, InstrumentHub& hub, QWidget* parent = nullptr);
  /// The dialog in which addresses are typed and what is plugged in is listed.
  void showDialog();

 private:
  void refresh();

  JobModel& model_;
  InstrumentHub& hub_;
  QLabel* text_;
  QPushButton* yard_;
};

}  // namespace haybale::app
