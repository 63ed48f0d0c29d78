// The box a reading is typed into: keeps half-typed text, says what it reads as or what would be
// right.
#pragma once

#include <QWidget>
#include <functional>

#include "app/model/job_model.h"

class QLabel;
class QLineEdit;
class QPushButton;

namespace haybale::app {

class ReadingBox : public QWidget {
  Q_OBJECT

 public:
  /// `name` identifies the box among the drafts; `test` gives the test a bare value is meant for.
  ReadingBox(JobModel& model, const QString& name, std::function<circuit::Test()> test,
             QWidget* parent = nullptr);
  void setPlaceholder(const QString& text);
  /// Where a line goes when it is entered; the readings of the job unless set.
  using Target = std::function<Status(const QString& text, const circuit::Test& test)>;
  void setTarget(Target target) { target_ = std::move(target); }
  void focusEntry();
  /// Looks again at what is typed, after the chosen test changed.
  void refreshEcho();

 signals:
  void entered();

 private:
  void enter();
  void echo();

  JobModel& model_;
  QString name_;
  std::function<circuit::Test()> test_;
  Target target_;
  QLineEdit* edit_;
  QPushButton* button_;
  QLabel* echo_;
};

}  // namespace haybale::app
