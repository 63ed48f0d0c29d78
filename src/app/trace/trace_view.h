// The trace desk: the suspect wheel under its peer and any other that was recorded, over time or
// turn upon turn; what was found, what the comparison says, what lies between the cursors.
#pragma once

#include <QWidget>

#include "app/trace/lanes_widget.h"

class QLayout;
class QLabel;
class QPushButton;
class QScrollArea;
class QStackedWidget;
class QVBoxLayout;

namespace haybale::app {

class LivePage;
class TurnsWidget;

class TraceView : public QWidget {
  Q_OBJECT

 public:
  explicit TraceView(JobModel& model, QWidget* parent = nullptr);
  [[nodiscard]] LanesWidget* lanes() { return lanes_; }
  /// Whether a scope is connected that may record.
  void setLive(bool live);
  /// The trace while it is recorded; shown from `beginWatch` to `endWatch`.
  [[nodiscard]] LivePage* live() { return live_; }
  void beginWatch(const QString& circuit);
  void endWatch();

 signals:
  void captureDropped(const QString& circuit, const QString& file);
  void fileWanted(const QString& circuit);
  void recordWanted();
  /// To see the trace while it is recorded, or no longer.
  void watchWanted(bool on);
  /// To see and say how the capture of a circuit is read.
  void readingWanted(const QString& circuit);
  void said(const QString& sentence, bool bad);

 public slots:
  /// Lays the turns over each other.
  void showTurns();
  /// Goes to a stretch of time, away from the overlaid turns.
  void showSpan(double fromS, double toS);

 private:
  void refresh();
  void fitFindings();
  void makeButtons(QLayout* row);
  void makeScopeRow();
  void choosePage();
  void exportShown();
  void sayCursors();

  JobModel& model_;
  QLabel* head_;
  LanesWidget* lanes_;
  TurnsWidget* turns_;
  LivePage* live_;
  QStackedWidget* pages_;
  QWidget* tools_;  // what is done with captures
  QWidget* scope_;  // what is done with a connected scope
  QPushButton* watch_;
  QLabel* hint_;
  QLabel* readout_;
  QScrollArea* findings_;
  QVBoxLayout* findingRows_;
};

}  // namespace haybale::app
