// The trace while it is still recorded: what it says now, large enough to be read from under the
// car, over the last seconds of it.
#pragma once

#include <QWidget>
#include <memory>

#include "core/trace/live_trace.h"
#include "picture/scene.h"

class QLabel;
class QPushButton;

namespace haybale::app {

class SceneWidget;

class LivePage : public QWidget {
  Q_OBJECT

 public:
  explicit LivePage(QWidget* parent = nullptr);

  /// Waits for the first block of `circuit`.
  void begin(const QString& circuit);
  /// What has been recorded by now.
  void take(std::shared_ptr<const trace::LiveTrace> live);
  /// The seconds that are shown; null before the first block.
  [[nodiscard]] const capture::Record* seconds() const;

 signals:
  void stopWanted();
  /// The seconds that are shown are to be kept as a capture.
  void keepWanted();

 private:
  void refresh();
  [[nodiscard]] picture::Scene lane(double width, double height, bool newest) const;

  QString circuit_;
  std::shared_ptr<const trace::LiveTrace> live_;
  trace::ChannelAnalysis levels_;  // of it, without what was found
  QLabel* now_;
  QLabel* tally_;
  QLabel* finding_;
  SceneWidget* newest_;  // the last block, its waves seen one by one
  SceneWidget* all_;     // the seconds that are kept
  QPushButton* keep_;
};

}  // namespace haybale::app
