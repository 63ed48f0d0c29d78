// The frame: rail, strip, views, panel. It only assembles; views never talk to each other.
#pragma once

#include <QMainWindow>

#include "app/live/instrument_hub.h"
#include "app/model/job_book.h"
#include "core/session/closing.h"

class QLabel;
class QStackedWidget;

namespace haybale::app {

class BookFiles;
class BookView;
class ClosePanel;
class CloseView;
class IntakeView;
class JobStrip;
class LineView;
class CaptureDesk;
class NextPanel;
class PracticeView;
class Rail;
class SignalBand;
class SwapView;
class TraceView;

class MainWindow : public QMainWindow {
  Q_OBJECT

 public:
  enum View { kIntake, kLine, kTrace, kSwap, kClose, kBook, kPractice, kViews };

  explicit MainWindow(QWidget* parent = nullptr);
  /// The views go first: a box that loses the focus still commits what it holds to the model.
  ~MainWindow() override;
  [[nodiscard]] JobModel& model() { return model_; }
  [[nodiscard]] InstrumentHub& instruments() { return hub_; }
  [[nodiscard]] JobBook& book() { return book_; }
  [[nodiscard]] PracticeView& practice() { return *practice_; }
  void showView(View view);
  [[nodiscard]] View view() const;

  /// Opens a case file or a capture, by its content; says so when it cannot.
  void openPath(const QString& path);
  void openDemo();
  /// The job worked on last, or a new one.
  void openLast();
  /// Saves; asks for a name when there is none or when `ask`. False when nothing was saved.
  bool save(bool ask = false);
  /// A sentence in the line at the foot.
  void say(const QString& sentence, bool bad);

 protected:
  void dragEnterEvent(QDragEnterEvent* event) override;
  void dropEvent(QDropEvent* event) override;
  void closeEvent(QCloseEvent* event) override;
  void resizeEvent(QResizeEvent* event) override;

 private:
  void tellPutAside();
  void placeOnScreen();
  void makeRoom();
  void goToClosing(diagnosis::ClosingKind step);
  void makeActions();
  void addCapture(const QString& circuit, const QString& file);
  void askForJob();
  void connectRecords();
  void saveReport(const QString& ending);
  void showJobsMenu(const QPoint& at);
  void retitle();
  void editPreferences();
  void showKeys();

  JobModel model_;
  JobBook book_;
  InstrumentHub hub_;
  Rail* rail_;
  JobStrip* strip_;
  QLabel* notice_;
  SignalBand* signal_;
  QStackedWidget* stack_;
  IntakeView* intake_;
  LineView* line_;
  TraceView* trace_;
  SwapView* swap_;
  CloseView* closeOut_;
  BookView* logbook_;
  PracticeView* practice_;
  BookFiles* files_;
  QStackedWidget* side_ = nullptr;  // next move, ring dial beside the traces, way to the end
  NextPanel* panel_;
  ClosePanel* closing_;
  CaptureDesk* captures_;
};

}  // namespace haybale::app
