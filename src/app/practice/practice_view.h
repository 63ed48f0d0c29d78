// Practice: made-up vehicles with something hidden wrong, apart from every real job.
#pragma once

#include <QWidget>
#include <functional>

#include "app/practice/practice_desk.h"

class QStackedWidget;

namespace haybale::app {

class InstrumentHub;
class BenchPage;
class ClassPage;
class DebriefPage;
class EditorPage;
class ShelfPage;

class PracticeView : public QWidget {
  Q_OBJECT

 public:
  enum Page { kShelf, kBench, kDebrief, kClass, kEditor };
  PracticeView(JobBook& book, InstrumentHub& hub, QWidget* parent = nullptr);
  [[nodiscard]] PracticeDesk& desk() { return desk_; }
  [[nodiscard]] int page() const;
  /// Begins the case of a file.
  void open(const QString& path);
  /// Takes back the last change of a case that is being written; nothing on the other pages, where
  /// minutes and money are spent.
  void undo();
  /// Gives the keys to what is to be done on the page shown.
  void focusPage();
  /// Where the editor takes the job that is open from.
  void setOpenJob(std::function<job::Case()> openJob) { openJob_ = std::move(openJob); }
  [[nodiscard]] EditorPage& editor() { return *editor_; }

 signals:
  void said(const QString& sentence, bool bad);

 private:
  void showPage(Page page);

  void connectTrainers(const std::function<void()>& start);

  PracticeDesk desk_;
  std::function<job::Case()> openJob_;
  bool trying_ = false;  // a case that is being written: back to the editor afterwards
  QStackedWidget* pages_;
  ShelfPage* shelf_;
  BenchPage* bench_;
  DebriefPage* debrief_;
  ClassPage* class_;
  EditorPage* editor_;
};

}  // namespace haybale::app
