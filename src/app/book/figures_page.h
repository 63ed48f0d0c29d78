// Logbook, figures: what the closed jobs add up to, as small charts; the fleet's report.
#pragma once

#include <QWidget>

#include "app/model/job_book.h"
#include "picture/report.h"
#include "store/figures.h"

class QLabel;
class QLineEdit;

namespace haybale::app {

class SceneWidget;

class FiguresPage : public QWidget {
  Q_OBJECT

 public:
  explicit FiguresPage(JobBook& book, QWidget* parent = nullptr);
  /// The report of the vehicles asked for, as it is saved.
  [[nodiscard]] picture::Report report() const;

 signals:
  void said(const QString& sentence, bool bad);

 protected:
  void showEvent(QShowEvent* event) override;

 private:
  void refresh();
  void saveReport();
  void saveTable();
  [[nodiscard]] QString totals() const;

  JobBook& book_;
  store::Figures figures_;
  QLineEdit* vehicle_;
  QLabel* totals_;
  std::vector<SceneWidget*> charts_;
};

}  // namespace haybale::app
