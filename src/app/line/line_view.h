// The line: board above, under it what the lit reading means and the row that makes the next one;
// the list of readings and the editor of the line take their places when asked for.
#pragma once

#include <QWidget>

#include "app/line/board_widget.h"
#include "app/parts/reading_box.h"

class QLabel;
class QPushButton;
class QStackedWidget;

namespace haybale::app {

class LineEditor;
class MeterStrip;

class LineView : public QWidget {
  Q_OBJECT

 public:
  explicit LineView(JobModel& model, QWidget* parent = nullptr);
  [[nodiscard]] BoardWidget* board() { return board_; }
  void focusEntry();
  /// Whether a multimeter is connected that may be read.
  void setLive(bool live);

 signals:
  void said(const QString& sentence, bool bad);
  void captureDropped(const QString& circuit, const QString& file);
  void liveWanted();

 private:
  QWidget* headRow();
  void addKey(QPushButton* button, const QString& keys);
  QWidget* readingPage();
  void chooseMeter();
  void savePicture();
  void refresh();

  JobModel& model_;
  BoardWidget* board_;
  QStackedWidget* upper_;  // board or list
  QStackedWidget* lower_;  // next reading or editor
  QLabel* circuitName_ = nullptr;
  QPushButton* usual_ = nullptr;
  QPushButton* picture_ = nullptr;
  QPushButton* list_ = nullptr;
  QPushButton* edit_ = nullptr;
  ReadingBox* box_ = nullptr;
  LineEditor* editor_ = nullptr;
  MeterStrip* meterStrip_ = nullptr;
};

}  // namespace haybale::app
