// Intake: the vehicle, the complaint, the circuits and their sensors, the limits, the tool box; on
// a second page what is asked at the counter.
#pragma once

#include <QWidget>
#include <span>

#include "app/intake/mark_box.h"
#include "app/intake/text_binding.h"
#include "app/style/page_tabs.h"

class QGridLayout;
class QLabel;
class QMenu;

namespace haybale::app {

class IntakeView : public PageTabs {
  Q_OBJECT

 public:
  enum Page { kVehicle, kCounter };
  explicit IntakeView(JobModel& model, QWidget* parent = nullptr);

 signals:
  /// A limits sheet is to be read, or the limits saved as one.
  void sheetWanted(bool save);

 private:
  QWidget* vehiclePart();
  QWidget* complaintPart();
  QWidget* toolsPart();
  QWidget* historyPart();
  QWidget* allowedPart();
  void addMarks(QGridLayout* grid, int top, int columns, std::span<const std::string_view> words,
                const ListOf& list, const QString& what, const QString& prefix);
  QWidget* circuitsPart();
  QWidget* limitsPart();
  QMenu* sheetMenu(QWidget* parent);
  void refresh();
  void rebuildRepairs();

  JobModel& model_;
  QLabel* tyreNote_ = nullptr;
  QWidget* repairs_ = nullptr;
  QString repairsShown_;
};

}  // namespace haybale::app
