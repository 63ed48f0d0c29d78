// One finding as a row that leads to its place on the trace.
#pragma once

#include <QFrame>

#include "core/trace/analysis.h"

namespace haybale::app {

/// A click, Return or the space bar asks to see the place; a finding without one is only read.
class FindingRow : public QFrame {
  Q_OBJECT

 public:
  FindingRow(const QString& wheel, const trace::Finding& finding, QWidget* parent);

 signals:
  void spanWanted(double fromS, double toS);

 protected:
  void mousePressEvent(QMouseEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;

 private:
  void go();
  std::optional<std::pair<double, double>> place_;
};

}  // namespace haybale::app
