// The limits a reading is judged by, and where each comes from.
#pragma once

#include <QWidget>

#include "app/intake/text_binding.h"

class QGridLayout;

namespace haybale::app {

class LimitsForm : public QWidget {
  Q_OBJECT

 public:
  explicit LimitsForm(JobModel& model, QWidget* parent = nullptr);

 private:
  void addRow(int row, judging::Quantity quantity);
  void addEnd(int row, int column, judging::Quantity quantity, const QString& name,
              std::optional<double> judging::Limit::*end);
  void addProvenance(int row, judging::Quantity quantity);
  void addSource(int row, judging::Quantity quantity);

  JobModel& model_;
  QGridLayout* grid_;
};

}  // namespace haybale::app
