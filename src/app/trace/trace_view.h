// The trace desk, first cut: the suspect wheel over its good peer, what was found, what the
// comparison says.
#pragma once

#include <QWidget>

#include "app/trace/lanes_widget.h"

class QLabel;
class QVBoxLayout;

namespace haybale::app {

class TraceView : public QWidget {
  Q_OBJECT

 public:
  explicit TraceView(JobModel& model, QWidget* parent = nullptr);
  [[nodiscard]] LanesWidget* lanes() { return lanes_; }

 signals:
  void captureDropped(const QString& circuit, const QString& file);
  void fileWanted(const QString& circuit);

 private:
  void refresh();

  JobModel& model_;
  QLabel* head_;
  LanesWidget* lanes_;
  QWidget* findings_;
  QVBoxLayout* findingRows_;
};

}  // namespace haybale::app
