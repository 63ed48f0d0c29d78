// The frame: rail, strip, views, panel. It only assembles; views never talk to each other.
#pragma once

#include <QMainWindow>

#include "app/live/instrument_hub.h"
#include "app/model/job_book.h"
#include "app/model/program_settings.h"
#include "core/session/closing.h"

class QLabel;
class QMenu;
class QStackedWidget;

namespace haybale::app {

class BookFiles;
class BookView;
class ClosePanel;
class CloseView;
class FarPage;
class HelpWindow;
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
  /// Says that the last run ended by a crash, and what stands here again.
  void tellBroughtBack();
  /// Saves; asks for a name when there is none or when `ask`. False when nothing was saved.
  bool save(bool ask = false);
  /// A sentence in the line at the foot.
  void say(const QString& sentence, bool bad);
  /// The page to be read from three metres, over the view that is shown; closes it when it is open.
  void toggleFar();
  [[nodiscard]] FarPage& far() { return *far_; }
  /// Keeps how the program behaves and does so; what needs a fresh start (the size of everything,
  /// the language) asks for one by `freshStartWanted`.
  void useSettings(const ProgramSettings& settings);

 signals:
  /// The program is to be started anew at the view it shows; nothing is lost by that.
  void freshStartWanted();

 protected:
  void dragEnterEvent(QDragEnterEvent* event) override;
  void dropEvent(QDropEvent* event) override;
  void closeEvent(QCloseEvent* event) override;
  void resizeEvent(QResizeEvent* event) override;

 private:
  void tellPutAside();
  void makeRail(QWidget* whole);
  QLayout* makeHead(QWidget* whole);
  void makeViews(QWidget* whole);
  void makeSide(QWidget* whole);
  void connectFrame();
  void connectCaptures();
  void placeOnScreen();
  void makeRoom();
  void goToClosing(diagnosis::ClosingKind step);
  void makeActions();
  void undoHere();
  void addCapture(const QString& circuit, const QString& file);
  void askForJob();
  void connectRecords();
  void saveReport(const QString& ending);
  void printReport();
  void showLog();
  void showJobsMenu(const QPoint& at);
  void showMenu();
  void fillJobs(QMenu* menu);
  void addRecent(QMenu* menu);
  void retitle();
  void editPreferences();
  void showKeys();
  void showHelp();
  void showAbout();
  void scaleBy(int steps);
  QAction* action(const char* name) const;

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
  FarPage* far_;
  HelpWindow* help_ = nullptr;
  CaptureDesk* captures_;
};

}  // namespace haybale::app
