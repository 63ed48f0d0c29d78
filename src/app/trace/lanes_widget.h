// Trace lanes in the window: zoom by wheel and keys, pan by drag, captures dropped on a lane.
#pragma once

#include <QWidget>

#include "app/model/job_model.h"
#include "picture/trace_lanes.h"

namespace haybale::app {

class LanesWidget : public QWidget {
  Q_OBJECT

 public:
  explicit LanesWidget(JobModel& model, QWidget* parent = nullptr);
  [[nodiscard]] const picture::Scene& scene() const { return scene_; }
  [[nodiscard]] double fromS() const { return fromS_; }
  [[nodiscard]] double toS() const { return toS_; }
  void showAll();
  /// Shows a stretch of time, as far as the record covers it.
  void showSpan(double fromS, double toS);
  /// Shows every lane about its own rest level, or as measured.
  void setAroundRest(bool on);
  /// Shows the rest level and what the line does, as it was read.
  void setStates(bool on);
  /// What lies between the two set cursors, one sentence a wheel; empty until both are set.
  [[nodiscard]] QStringList readout() const;
  /// The time between them: "A to B: 119 ms, 8.4 Hz".
  [[nodiscard]] QString spanBetween() const;
  /// What is shown, wheel by wheel, for a file; no channel when nothing is loaded.
  [[nodiscard]] capture::Record visible() const;

 signals:
  void captureDropped(const QString& circuit, const QString& file);
  void fileWanted(const QString& circuit);
  void cursorsChanged();

 protected:
  void paintEvent(QPaintEvent* event) override;
  void resizeEvent(QResizeEvent* event) override;
  void showEvent(QShowEvent* event) override;
  void wheelEvent(QWheelEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  void dragEnterEvent(QDragEnterEvent* event) override;
  void dropEvent(QDropEvent* event) override;

 private:
  void reload();
  void rebuild();
  void keepHigh();
  void zoom(double factor, double aroundS);
  void pan(double seconds);
  void setMark(std::optional<double>& mark);
  [[nodiscard]] double timeAt(double x) const;
  [[nodiscard]] QString circuitAt(QPointF at) const;
  bool followFlag(QPointF at);

  JobModel& model_;
  picture::Scene scene_;
  std::vector<picture::Lane> lanes_;
  std::pair<double, double> whole_{0, 1};
  double fromS_ = 0;
  double toS_ = 1;
  std::optional<double> cursorS_;
  std::optional<double> markA_;
  std::optional<double> markB_;
  bool aroundRest_ = false;
  bool states_ = false;
  QPointF dragFrom_;
};

}  // namespace haybale::app
