// The swap desk: which sensor feeds which line, what every fault still possible would show, and
// what did happen.
#pragma once

#include <QWidget>

#include "app/model/job_model.h"
#include "app/style/scene_widget.h"

class QComboBox;
class QLabel;
class QPushButton;
class QTableWidget;
class QVBoxLayout;
class QGridLayout;

namespace haybale::app {

/// The two lines and the leads between them; `showSubstitution` says which. `model` must outlive
/// the board.
[[nodiscard]] SceneWidget* swapBoardWidget(QWidget* parent);
void showSubstitution(SceneWidget& board, const JobModel& model, const circuit::Test& test);

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
  SceneWidget* board_;
  QLabel* steps_;
  QLabel* cautions_;
  QTableWidget* table_;
  QLabel* meanings_;
  QWidget* answers_;
  QGridLayout* answerGrid_;
};

}  // namespace haybale::app
