// The line board in the window: paints the described scene, turns clicks and keys into selections.
#pragma once

#include <QKeyEvent>
#include <QWidget>

#include "app/model/job_model.h"
#include "picture/scene.h"

namespace haybale::app {

class BoardWidget : public QWidget {
  Q_OBJECT

 public:
  explicit BoardWidget(JobModel& model, QWidget* parent = nullptr);
  /// The scene as painted last; for tests and for tools that need to know where things are.
  [[nodiscard]] const picture::Scene& scene() const;

 signals:
  void captureDropped(const QString& circuit, const QString& file);
  /// A key that begins a reading was pressed while the board had the focus.
  void typed(const QString& text);
  /// A key pressed on the board while the line is edited that is not an arrow.
  void editorKey(QKeyEvent* event);

 protected:
  void paintEvent(QPaintEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  void resizeEvent(QResizeEvent* event) override;
  void dragEnterEvent(QDragEnterEvent* event) override;
  void dropEvent(QDropEvent* event) override;
  bool event(QEvent* event) override;

 private:
  void rebuild();
  [[nodiscard]] picture::Scene drawn() const;
  void step(int places);
  void otherWire();
  void stepPart(int parts);
  bool editKey(QKeyEvent* event);

  JobModel& model_;
  // Drawn when it is looked at, however often it fell due before.
  mutable picture::Scene scene_;
  mutable bool due_ = true;
};

}  // namespace haybale::app
