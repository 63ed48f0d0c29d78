// Practice, last page: what it was, the points, what each step was worth beside the best one.
#pragma once

#include <QWidget>

#include "app/practice/practice_desk.h"

class QLabel;
class QPushButton;
class QTableWidget;

namespace haybale::app {

class DebriefPage : public QWidget {
  Q_OBJECT

 public:
  explicit DebriefPage(PracticeDesk& desk, QWidget* parent = nullptr);
  /// What came of the case that just ended.
  void tell();

 signals:
  void anotherWanted();
  void againWanted();
  void said(const QString& sentence, bool bad);

 private:
  void savePage();
  void fillSteps(const practice::Score& s);
  void fillWay(const practice::Score& s);
  [[nodiscard]] QString asHtml() const;

  PracticeDesk& desk_;
  QLabel* verdict_;
  QLabel* points_;
  QLabel* lesson_;
  QTableWidget* steps_;
  QLabel* best_;
  QTableWidget* way_;
  QPushButton* another_;
};

}  // namespace haybale::app
