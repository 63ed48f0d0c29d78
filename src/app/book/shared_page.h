// Logbook, shared: limits sheets and scan maps that lie there for every bench, and the files of the
// open job on their way to the shop's logbook and back.
#pragma once

#include <QWidget>

#include "app/model/luggage.h"

class QLabel;
class QPushButton;
class QTableWidget;

namespace haybale::app {

class ProgressStrip;

class SharedPage : public QWidget {
  Q_OBJECT

 public:
  SharedPage(JobModel& model, JobBook& book, QWidget* parent = nullptr);

 signals:
  void said(const QString& sentence, bool bad);

 protected:
  void showEvent(QShowEvent* event) override;

 private:
  QWidget* sharedPart();
  QWidget* filesPart();
  void refresh();
  void fillFiles();
  void showProgress();
  void put();
  void useLimits();
  void saveCopy();
  void takeOff();
  [[nodiscard]] QString chosen() const;

  JobModel& model_;
  JobBook& book_;
  Luggage luggage_;
  QTableWidget* things_;
  QLabel* empty_;
  QLabel* files_;
  QPushButton* use_;
  QPushButton* save_;
  QPushButton* off_;
  QPushButton* bring_;
  QPushButton* fetch_;
  ProgressStrip* progress_;
};

}  // namespace haybale::app
