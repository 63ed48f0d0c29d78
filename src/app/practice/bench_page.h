// Practice, second page: the vehicle on the bench. What was read stands on its line; to the right
// what can be done next.
#pragma once

#include <QWidget>

#include "app/practice/practice_desk.h"

class QComboBox;
class QLabel;
class QLineEdit;
class QListWidget;
class QPushButton;
class QSpinBox;
class QTableWidget;

namespace haybale::app {

class BenchDriver;
class InstrumentHub;
class SceneWidget;

class BenchPage : public QWidget {
  Q_OBJECT

 public:
  enum Coach { kOff, kOnRequest, kAfterEach };
  BenchPage(PracticeDesk& desk, InstrumentHub& hub, QWidget* parent = nullptr);
  /// Shows the case that was just begun.
  void start();
  void focusMoves();

 signals:
  void leaveWanted();

 private:
  void refresh();
  void filterMoves();
  void showChosen();
  void doChosen();
  void takeHint(const practice::Hint& hint);
  void sayVerdict();
  [[nodiscard]] QString chosenElement() const;
  QWidget* moveBox();
  QWidget* workBox();
  QWidget* lineBox();

  void refreshTrace();

  PracticeDesk& desk_;
  SceneWidget* board_;
  SceneWidget* trace_;
  job::Case tracesOf_;  // what the lanes point into
  BenchDriver* driver_;
  QLabel* complaint_;
  QLabel* spent_;
  QTableWidget* deeds_;
  QLineEdit* search_;
  QListWidget* moves_;
  QLabel* instructions_;
  QPushButton* do_;
  QPushButton* hint_;
  QComboBox* coach_;
  QLabel* coachSays_;
  QComboBox* element_;
  QComboBox* fault_;
  QSpinBox* sure_;
  QPushButton* fit_;
  QPushButton* mend_;
  QPushButton* say_;
  QString what_;  // the hint's words, until the next step
};

}  // namespace haybale::app
