// The strip over the keys: what to set on the instrument and what to expect, or what the lit
// reading means.
#pragma once

#include <QWidget>

#include "app/model/job_model.h"

class QLabel;
class QPushButton;

namespace haybale::app {

class MeterStrip : public QWidget {
  Q_OBJECT

 public:
  explicit MeterStrip(JobModel& model, QWidget* parent = nullptr);
  /// Whether a multimeter is connected.
  void setLive(bool live);

 signals:
  void meterWanted();
  /// The reading is to be taken from the connected instrument.
  void liveWanted();

 private:
  void refresh();
  void dress(const QString& sheet);
  void showReading(const diagnosis::ReadingView& view, const job::Evidence& evidence);
  void showNext();

  JobModel& model_;
  QLabel* text_;
  QPushButton* meter_;
  QPushButton* read_;
  bool live_ = false;
  QPushButton* withdraw_;
  QPushButton* remove_;
};

}  // namespace haybale::app
