// Known good: readings kept for a vehicle, module or sensor part, and the limits they make.
#pragma once

#include <QWidget>

#include "app/model/job_book.h"

class QComboBox;
class QLabel;
class QPushButton;
class QTableWidget;

namespace haybale::app {

class GoodsPage : public QWidget {
  Q_OBJECT

 public:
  GoodsPage(JobModel& model, JobBook& book, QWidget* parent = nullptr);

 signals:
  void said(const QString& sentence, bool bad);

 protected:
  void showEvent(QShowEvent* event) override;

 private:
  void refresh();
  void fillReadings();
  void fillSpreads();
  void fillSamples();
  [[nodiscard]] store::GoodFor wanted() const;
  void useAsLimit(judging::Quantity quantity);

  JobModel& model_;
  JobBook& book_;
  QComboBox* by_;
  QTableWidget* readings_;
  QTableWidget* spreads_;
  QTableWidget* samples_;
  QLabel* note_;
};

}  // namespace haybale::app
