// Intake, first cut: the vehicle, the complaint, the circuits and their sensors, the limits, the
// tool box.
#pragma once

#include <QWidget>

#include "app/intake/text_binding.h"

class QCheckBox;
class QGridLayout;
class QLabel;

namespace haybale::app {

class IntakeView : public QWidget {
  Q_OBJECT

 public:
  explicit IntakeView(JobModel& model, QWidget* parent = nullptr);

 private:
  QWidget* jobPart();
  QWidget* complaintPart();
  QWidget* circuitsPart();
  QWidget* limitsPart();
  QWidget* toolsPart();
  /// A box that stands for membership of `name` in one of the case's lists.
  QCheckBox* listBox(const QString& text, const std::string& name,
                     std::vector<std::string> job::Case::*list, const QString& what);
  void rebuildCircuits();
  void rebuildRepairs();
  void refresh();

  JobModel& model_;
  QLabel* tyreNote_ = nullptr;
  QGridLayout* circuits_ = nullptr;
  QWidget* circuitsBox_ = nullptr;
  QWidget* repairsBox_ = nullptr;
  QString circuitsShown_;
  QString repairsShown_;
};

}  // namespace haybale::app
