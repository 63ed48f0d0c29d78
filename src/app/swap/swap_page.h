// The swap desk: which sensor feeds which line, what every fault still possible would show, and
// what did happen.
#pragma once

#include <QWidget>

#include "app/model/job_model.h"
#include "picture/swap_board.h"

class QComboBox;
class QLabel;
class QPushButton;
class QTableWidget;
class QVBoxLayout;
class QGridLayout;

namespace haybale::app {

/// The two lines and the leads between them.
class SwapBoardWidget : public QWidget {
  Q_OBJECT

 public:
  explicit SwapBoardWidget(JobModel& model, QWidget* parent = nullptr);
  void setTest(const circuit::Test& test);
  [[nodiscard]] const picture::Scene& scene() const { return scene_; }

 protected:
  void paintEvent(QPaintEvent* event) override;
  void resizeEvent(QResizeEvent* event) override;

 private:
  void rebuild();
  JobModel& model_;
  circuit::Test test_;
  picture::Scene scene_;
};

class SwapPage : public QWidget {
  Q_OBJECT

 public:
  explicit SwapPage(JobModel& model, QWidget* parent = nullptr);
  [[nodiscard]] circuit::Test test() const;

 signals:
  void said(const QString& sentence, bool bad);

 protected:
  void showEvent(QShowEvent* event) override;

 private:
  enum Way { kGoodSensor, kSuspectSensor, kShort };
  void refresh();
  void fillOthers();
  void fillTable(const diagnosis::SwapOutlook& outlook);
  void fillAnswers();

  JobModel& model_;
  QComboBox* way_;
  QComboBox* other_;
  QComboBox* read_;
  QPushButton* crossed_;
  SwapBoardWidget* board_;
  QLabel* steps_;
  QLabel* cautions_;
  QTableWidget* table_;
  QLabel* meanings_;
  QWidget* answers_;
  QGridLayout* answerGrid_;
};

}  // namespace haybale::app
