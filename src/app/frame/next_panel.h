// The panel on the right: where it stands and why, the next move, what each answer would mean, the
// box for the answer.
#pragma once

#include <QWidget>

#include "app/model/job_model.h"
#include "app/parts/reading_box.h"

class QLabel;
class QPushButton;
class QVBoxLayout;

namespace haybale::app {

/// Bars of the outcomes of a proposed test: what may be read, what it points to, how likely.
class OutcomeBars : public QWidget {
  Q_OBJECT

 public:
  using QWidget::QWidget;
  void setOutcomes(std::vector<diagnosis::Outcome> outcomes);
  [[nodiscard]] QSize sizeHint() const override;
  [[nodiscard]] QSize minimumSizeHint() const override { return sizeHint(); }

 protected:
  void paintEvent(QPaintEvent* event) override;

 private:
  std::vector<diagnosis::Outcome> outcomes_;
};

class NextPanel : public QWidget {
  Q_OBJECT

 public:
  explicit NextPanel(JobModel& model, QWidget* parent = nullptr);
  void focusEntry() { box_->focusEntry(); }

 protected:
  void resizeEvent(QResizeEvent* event) override;
  bool event(QEvent* event) override;

 signals:
  /// The user wants to see the place of this test on the line.
  void testShown();
  void fileWanted(const QString& circuit);
  /// The stored codes are to be written down before they are cleared.
  void codesWanted();

 private:
  void addMove(QVBoxLayout* column);
  void addAnswer(QVBoxLayout* column);
  void addOthers(QVBoxLayout* column);
  void addStanding(QVBoxLayout* column);
  QLayout* keys();
  QPushButton* flatKey(const QString& text, const QString& name);
  void refresh();
  void fitIn();
  void showReasons();
  void offerAnswers(const diagnosis::Proposal* proposal);
  void insistOnCodes();
  [[nodiscard]] bool clearsCodes(const diagnosis::Proposal* proposal) const;
  void show(std::size_t index);
  [[nodiscard]] std::size_t indexOf(const circuit::Test& test) const;
  [[nodiscard]] const diagnosis::Proposal* current() const;

  JobModel& model_;
  std::size_t shown_ = 0;
  circuit::Test wanted_;  // shown once it is worked out, if it is proposed
  QLabel* headline_;
  QLabel* action_;
  QLabel* reasons_;
  QPushButton* why_;
  QLabel* title_;
  QLabel* instructions_;
  OutcomeBars* outcomes_;
  QLabel* cost_;
  QLabel* caution_;
  ReadingBox* box_;
  QPushButton* file_;
  QWidget* answers_;  // one button for each thing that may be seen
  QPushButton* later_;
  QPushButton* place_;
  QPushButton* steps_;
  QLabel* othersHead_;
  QList<QPushButton*> others_;
};

}  // namespace haybale::app
