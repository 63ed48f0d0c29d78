// The kept states of one job: when and where each was made, what it differs in from the one that is
// shown, and opening it.
#pragma once

#include <QDialog>

#include "app/model/job_book.h"

class QLabel;
class QTableWidget;

namespace haybale::app {

class RevisionsDialog : public QDialog {
  Q_OBJECT

 public:
  RevisionsDialog(JobBook& book, const QString& job, QWidget* parent = nullptr);

 signals:
  void openWanted(const QString& revision);

 private:
  void compare();

  JobBook& book_;
  QString head_;
  std::vector<store::Revision> states_;
  QTableWidget* table_;
  QLabel* differs_;
};

}  // namespace haybale::app
