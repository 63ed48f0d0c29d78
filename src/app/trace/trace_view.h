// The trace desk: the suspect wheel under its peer and any other that was recorded, over time or
// turn upon turn; what was found, what the comparison says, what lies between the cursors.
#pragma once

#include <QWidget>

#include "app/trace/lanes_widget.h"

class QHBoxLayout;
class QLabel;
class QPushButton;
class QStackedWidget;
class QVBoxLayout;

namespace haybale::app {

class TurnsWidget;

class TraceView : public QWidget {
  Q_OBJECT

 public:
  explicit TraceView(JobModel& model, QWidget* parent = nullptr);
  [[nodiscard]] LanesWidget* lanes() { return lanes_; }
  /// Whether a scope is connected that may record.
  void setLive(bool live);

 signals:
  void captureDropped(const QString& circuit, const QString& file);
  void fileWanted(const QString& circuit);
  void recordWanted();
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
  void makeButtons(QHBoxLayout* row);
  void exportShown();
  void sayCursors();

  JobModel& model_;
  QLabel* head_;
  LanesWidget* lanes_;
  TurnsWidget* turns_;
  QStackedWidget* pages_;
  QPushButton* record_ = nullptr;
  QLabel* readout_;
  QWidget* findings_;
  QVBoxLayout* findingRows_;
};

}  // namespace haybale::app
