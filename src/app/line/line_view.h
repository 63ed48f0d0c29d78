// The line: board above, under it what the lit reading means, and the row that makes the next one.
#pragma once

#include <QWidget>

#include "app/frame/reading_box.h"
#include "app/line/board_widget.h"

class QLabel;
class QPushButton;
class QButtonGroup;

namespace haybale::app {

class LineView : public QWidget {
  Q_OBJECT

 public:
  explicit LineView(JobModel& model, QWidget* parent = nullptr);
  [[nodiscard]] BoardWidget* board() { return board_; }
  void focusEntry() { box_->focusEntry(); }

 signals:
  void captureDropped(const QString& circuit, const QString& file);

 private:
  QWidget* detailRow();
  QWidget* functionRow();
  void refresh();
  void setLeads(int id);

  JobModel& model_;
  BoardWidget* board_;
  QLabel* circuitName_;
  QLabel* reason_;
  QPushButton* withdraw_;
  QPushButton* remove_;
  QButtonGroup* functions_;
  QButtonGroup* leads_;
  QPushButton* key_;
  QPushButton* plugged_;
  ReadingBox* box_;
};

}  // namespace haybale::app
