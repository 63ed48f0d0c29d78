// Intake, first cut: the vehicle, the complaint, the circuits and their sensors, the limits, the
// tool box.
#pragma once

#include <QWidget>
#include <span>

#include "app/intake/mark_box.h"
#include "app/intake/text_binding.h"

class QGridLayout;
class QLabel;

namespace haybale::app {

class IntakeView : public QWidget {
  Q_OBJECT

 public:
  explicit IntakeView(JobModel& model, QWidget* parent = nullptr);

 private:
  QWidget* vehiclePart();
  QWidget* complaintPart();
  QWidget* toolsPart();
  QWidget* allowedPart();
  void addMarks(QGridLayout* grid, int top, int columns, std::span<const std::string_view> words,
                const ListOf& list, const QString& what, const QString& prefix);
  QWidget* circuitsPart();
  QWidget* limitsPart();
  void refresh();
  void rebuildRepairs();

  JobModel& model_;
  QLabel* tyreNote_ = nullptr;
  QWidget* repairs_ = nullptr;
  QString repairsShown_;
};

}  // namespace haybale::app
