// What was done to the vehicle before or for this complaint, one line a work.
#pragma once

#include "app/model/job_model.h"

class QGridLayout;

namespace haybale::app {

class HistoryForm : public QWidget {
  Q_OBJECT

 public:
  explicit HistoryForm(JobModel& model, QWidget* parent = nullptr);

 private:
  void rebuild();
  void addRow(std::size_t index);
  void choice(std::size_t index, int column, const QString& field, const QStringList& items,
              int now, const std::function<void(job::History&, int)>& set);

  JobModel& model_;
  QGridLayout* grid_;
  QString shown_;
};

}  // namespace haybale::app
