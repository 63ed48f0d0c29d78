// Practice, first page: which made-up vehicle to take.
#pragma once

#include <QWidget>

#include "app/practice/practice_desk.h"

class QLabel;
class QLineEdit;
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

 signals:
  void begun();
  void said(const QString& sentence, bool bad);

 private:
  void begin();
  void openFile();
  void saveTable();
  void showChosen();

  PracticeDesk& desk_;
  QTableWidget* table_;
  QLabel* about_;
  QLabel* next_;
  QLineEdit* trainee_;
  QPushButton* start_;
  std::vector<practice::PracticeCase> cases_;
};

}  // namespace haybale::app
