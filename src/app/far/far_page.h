// The arm's-length page: over the whole window, readable from three metres, spoken when wanted.
#pragma once

#include <QWidget>
#include <functional>

#include "app/far/far_text.h"

class QLabel;
class QPushButton;

namespace haybale::app {

class Voice;

class FarPage : public QWidget {
  Q_OBJECT

 public:
  /// Lies over `over`, which it follows in size; `text` is asked whenever the job changes.
  FarPage(JobModel& model, QWidget* over);
  /// Shows what `text` gives; says it when the voice is on.
  void open(std::function<FarText()> text, bool aloud);
  void close();
  [[nodiscard]] Voice& voice() { return *voice_; }

 signals:
  void closed();

 protected:
  bool eventFilter(QObject* watched, QEvent* event) override;
  void resizeEvent(QResizeEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;

 private:
  void refresh();
  void fit();

  std::function<FarText()> text_;
  FarText shown_;
  bool aloud_ = false;
  Voice* voice_;
  QLabel* head_;
  QLabel* big_;
  QLabel* body_;
  QLabel* caution_;
  QLabel* last_;
  QPushButton* back_;
  QPushButton* again_;
};

}  // namespace haybale::app
