// Dragging a file out of the window by a button: it is made when the drag begins.
#pragma once

#include <QAbstractButton>
#include <QPoint>
#include <QTemporaryDir>
#include <functional>

namespace haybale::app {

/// Lets `button` be dragged as well as pressed. `make` writes the file into a folder and gives its
/// path; empty where there is nothing to give. The folder goes with the button.
class DragOut : public QObject {
  Q_OBJECT

 public:
  using Maker = std::function<QString(const QString& folder)>;
  DragOut(QAbstractButton* button, Maker make);

  /// Carries out the drag, in place of the desktop's own; for tests.
  std::function<void(const QString& file)> instead;

 protected:
  bool eventFilter(QObject* watched, QEvent* event) override;

 private:
  void drag();

  QAbstractButton* button_;
  Maker make_;
  QTemporaryDir folder_;
  QPoint pressed_;
  bool down_ = false;
};

}  // namespace haybale::app
