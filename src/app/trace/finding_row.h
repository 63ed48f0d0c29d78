// One finding as a row that leads to its place on the trace.
#pragma once

#include <QFrame>

#include "core/trace/grounds.h"

class QLabel;
class QVBoxLayout;

namespace haybale::app {

/// A click, Return or the space bar asks to see the place; a finding without one is only read.
/// "Why" opens what speaks for it and what against it below.
class FindingRow : public QFrame {
  Q_OBJECT

 public:
  FindingRow(const QString& wheel, const trace::Finding& finding, const trace::Grounds& grounds,
             QWidget* parent);

 signals:
  void spanWanted(double fromS, double toS);
  /// Its grounds were opened or closed.
  void opened();

 protected:
  void mousePressEvent(QMouseEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;

 private:
  void go();
  void addWhy(const trace::Grounds& grounds, QVBoxLayout& column, QLayout& row);
  std::optional<std::pair<double, double>> place_;
};

}  // namespace haybale::app
