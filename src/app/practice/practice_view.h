// Practice: made-up vehicles with something hidden wrong, apart from every real job.
#pragma once

#include <QWidget>

#include "app/practice/practice_desk.h"

class QStackedWidget;

namespace haybale::app {

class BenchPage;
class DebriefPage;
class ShelfPage;

class PracticeView : public QWidget {
  Q_OBJECT

 public:
  enum Page { kShelf, kBench, kDebrief };
  explicit PracticeView(JobBook& book, QWidget* parent = nullptr);
  [[nodiscard]] PracticeDesk& desk() { return desk_; }
  [[nodiscard]] int page() const;
  /// Begins the case of a file.
  void open(const QString& path);
  /// Gives the keys to what is to be done on the page shown.
  void focusPage();

 signals:
  void said(const QString& sentence, bool bad);

 private:
  void showPage(Page page);

  PracticeDesk desk_;
  QStackedWidget* pages_;
  ShelfPage* shelf_;
  BenchPage* bench_;
  DebriefPage* debrief_;
};

}  // namespace haybale::app
