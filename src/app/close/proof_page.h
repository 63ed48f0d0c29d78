// The proof: tests that would show the fault if it were still there, what they gave, what is left
// to doubt; and the end of the job.
#pragma once

#include <QWidget>

#include "app/model/job_book.h"

class QCheckBox;
class QGridLayout;
class QLabel;
class QPushButton;
class QTableWidget;

namespace haybale::app {

class ReadingBox;

class ProofPage : public QWidget {
  Q_OBJECT

 public:
  ProofPage(JobModel& model, JobBook& book, QWidget* parent = nullptr);

 signals:
  /// A capture of this circuit is to be chosen for the step shown.
  void captureWanted(const QString& circuit);
  /// Before and after are to be laid over each other.
  void overlayWanted();
  void said(const QString& sentence, bool bad);

 public slots:
  void takeCapture(const QString& file);

 protected:
  void showEvent(QShowEvent* event) override;

 private:
  void refresh();
  void fillTable();
  void showStep();
  void offerAnswers(const diagnosis::ProofStep& step);
  [[nodiscard]] const diagnosis::Proof& known();
  [[nodiscard]] const diagnosis::ProofStep* step();
  /// The latest reading that was made of a step, if any.
  [[nodiscard]] const job::Evidence* madeOf(const diagnosis::ProofStep& step) const;
  /// Whether a step is not made yet, or gave once what it should not: it is made again before that
  /// is believed.
  [[nodiscard]] bool isOpen(const diagnosis::ProofStep& step);
  void closeJob();

  JobModel& model_;
  JobBook& book_;
  int chosen_ = 0;
  QLabel* sentence_;
  QTableWidget* table_;
  QLabel* title_;
  QLabel* instructions_;
  QLabel* why_;
  QLabel* caution_;
  ReadingBox* box_;
  QPushButton* file_;
  QPushButton* back_;
  QPushButton* overlay_;
  QWidget* answers_;
  QGridLayout* answerGrid_;
  QLabel* obstacles_;
  QCheckBox* comeback_;
  QPushButton* close_;
};

}  // namespace haybale::app
