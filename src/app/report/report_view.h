// The report as it will be printed, and the buttons that write it.
#pragma once

#include <QWidget>

#include "app/model/job_model.h"
#include "picture/report.h"

class QPushButton;
class QPrinter;
class QScrollArea;
class QVBoxLayout;

namespace haybale::app {

class ReportView : public QWidget {
  Q_OBJECT

 public:
  explicit ReportView(JobModel& model, QWidget* parent = nullptr);
  /// Writes the report; PDF or HTML by the ending of the name.
  /// Sets it on a printer's pages; an error when it cannot be begun.
  Status printTo(QPrinter& printer);
  Status writeTo(const QString& path);

 signals:
  void saveWanted(const QString& ending);

 protected:
  void showEvent(QShowEvent* event) override;

 private:
  [[nodiscard]] picture::Report report();
  void refresh();

  JobModel& model_;
  QPushButton* owner_;
  QScrollArea* area_;
  QVBoxLayout* pages_;
  bool stale_ = true;
};

}  // namespace haybale::app
