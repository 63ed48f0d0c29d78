// All jobs of the shop: found by any word in them, and what they add up to.
#pragma once

#include <QWidget>

#include "app/model/job_book.h"

class QComboBox;
class QLabel;
class QLineEdit;
class QTableWidget;

namespace haybale::app {

class JobsPage : public QWidget {
  Q_OBJECT

 public:
  JobsPage(JobModel& model, JobBook& book, QWidget* parent = nullptr);
  void focusSearch();

 signals:
  void said(const QString& sentence, bool bad);
  /// A job was opened: show its line.
  void opened();
  /// Files to be asked for: "bundle.out", "bundle.in", "book.out", "book.in".
  void fileWanted(const QString& what);

 protected:
  void showEvent(QShowEvent* event) override;

 private:
  QLayout* filters();
  QLayout* buttons();
  void makeTables();
  void refresh();
  void tally();
  void openChosen();
  void showStates();
  void erase();
  [[nodiscard]] store::Filter filter() const;

  JobModel& model_;
  JobBook& book_;
  QLineEdit* text_;
  QLineEdit* vehicle_;
  QLineEdit* circuit_;
  QLineEdit* month_;
  QComboBox* fault_;
  QComboBox* zone_;
  QLabel* count_;
  QTableWidget* jobs_;
  QTableWidget* tallies_;
};

}  // namespace haybale::app
