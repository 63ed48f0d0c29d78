// Practice, first page: which made-up vehicle to take.
#pragma once

#include <QWidget>

#include "app/practice/practice_desk.h"

class QLabel;
class QLineEdit;
class QVBoxLayout;
class QPushButton;
class QTableWidget;

namespace haybale::app {

class ShelfPage : public QWidget {
  Q_OBJECT

 public:
  explicit ShelfPage(PracticeDesk& desk, QWidget* parent = nullptr);
  /// Reads anew how the cases went so far.
  void refresh();
  void focusList();
  void open(const QString& path);
  /// The cases of the shelf as it stands: the yard's own, or those of a folder.
  [[nodiscard]] const std::vector<practice::PracticeCase>& cases() const { return cases_; }
  /// The one the cursor is on.
  [[nodiscard]] const practice::PracticeCase& chosen() const;

 signals:
  void begun();
  void classWanted();
  void editorWanted();
  void said(const QString& sentence, bool bad);

 private:
  void begin();
  void openFile();
  void openFolder();
  void takeOwnCases();
  void fillTable();
  void saveTable();
  void printPaper();
  void showChosen();
  void showNext(const std::vector<store::PracticeResult>& results);
  QVBoxLayout* sideBox();
  QWidget* trainersBox();

  PracticeDesk& desk_;
  QTableWidget* table_;
  QLabel* about_;
  QLabel* next_;
  QLineEdit* trainee_;
  QPushButton* start_;
  QPushButton* folder_;
  bool ofFolder_ = false;
  bool printing_ = false;
  std::vector<practice::PracticeCase> cases_;
};

}  // namespace haybale::app
