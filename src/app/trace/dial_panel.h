// Beside the traces: the ring dial of the suspect wheel, its dropouts, and what would decide it.
#pragma once

#include <QWidget>

#include "app/model/job_model.h"
#include "picture/scene.h"

class QLabel;
class QVBoxLayout;

namespace haybale::app {

/// Paints the dial; a click on a tooth asks to see it on the trace.
class DialWidget : public QWidget {
  Q_OBJECT

 public:
  explicit DialWidget(QWidget* parent);
  void show(picture::Scene scene);
  [[nodiscard]] const picture::Scene& scene() const { return scene_; }

 signals:
  void toothChosen(int position);

 protected:
  void paintEvent(QPaintEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  bool event(QEvent* event) override;

 private:
  picture::Scene scene_;
};

class DialPanel : public QWidget {
  Q_OBJECT

 public:
  explicit DialPanel(JobModel& model, QWidget* parent = nullptr);

 signals:
  /// A stretch of the record to look at, in seconds.
  void spanWanted(double fromS, double toS);

 private:
  void refresh();
  void addDropouts(const trace::ChannelAnalysis& analysis);
  void showTooth(int position);
  [[nodiscard]] const trace::ChannelAnalysis* analysis() const;

  JobModel& model_;
  DialWidget* dial_;
  QLabel* decide_;
  QLabel* head_;
  QVBoxLayout* rows_;
};

}  // namespace haybale::app
