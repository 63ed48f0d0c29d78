// Every reading in one list: when, where, how, what was expected, what it means; corrected,
// withdrawn, given a photo.
#pragma once

#include <QWidget>

#include "app/model/job_model.h"

class QLineEdit;
class QPushButton;
class QTableWidget;

namespace haybale::app {

class EvidenceList : public QWidget {
  Q_OBJECT

 public:
  explicit EvidenceList(JobModel& model, QWidget* parent = nullptr);

 private:
  void addKeys();
  void fillRow(int row, const job::Evidence& evidence, const diagnosis::ReadingView& view);
  void keysFor(const job::Evidence* evidence);
  void refresh();
  void correct();
  void attach();
  void markPhoto();
  void takePhoto();
  [[nodiscard]] QString photoOf(const job::Evidence* e) const;
  [[nodiscard]] QString chosen() const;

  JobModel& model_;
  QTableWidget* table_;
  QLineEdit* retype_ = nullptr;
  QPushButton* photo_ = nullptr;
  QPushButton* withdraw_ = nullptr;
  QList<QPushButton*> needRow_;
};

}  // namespace haybale::app
