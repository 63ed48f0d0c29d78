// Says what long work is under way and how far it is, and stops it.
#pragma once

#include <QWidget>

class QLabel;
class QProgressBar;

namespace haybale::app {

/// Hidden until there is something to show.
class ProgressStrip : public QWidget {
  Q_OBJECT

 public:
  explicit ProgressStrip(QWidget* parent = nullptr);
  void show(const QString& what, double share);

 signals:
  void cancelled();

 private:
  QLabel* what_;
  QProgressBar* bar_;
};

}  // namespace haybale::app
