// Practice, for trainers: how everybody who practises here did on the cases of the shelf.
#pragma once

#include <QWidget>

#include "app/practice/practice_desk.h"

class QLabel;
class QTableWidget;

namespace haybale::app {

class ClassPage : public QWidget {
  Q_OBJECT

 public:
  explicit ClassPage(PracticeDesk& desk, QWidget* parent = nullptr);
  /// Shows the class on `cases`; only those that were played get a column.
  void showClass(const std::vector<practice::PracticeCase>& cases);

 signals:
  void left();
  void said(const QString& sentence, bool bad);

 private:
  void saveTable();

  PracticeDesk& desk_;
  QLabel* about_;
  QTableWidget* table_;
  QStringList shelf_;   // all cases
  QStringList played_;  // those with a column
};

}  // namespace haybale::app
