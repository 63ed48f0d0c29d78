// A widget that shows a scene, made anew for its size and painted in the theme in force.
#pragma once

#include <QWidget>
#include <functional>

#include "picture/scene.h"

namespace haybale::app {

class SceneWidget : public QWidget {
  Q_OBJECT

 public:
  /// Makes the scene for a width and height in pixels.
  using Maker = std::function<picture::Scene(double width, double height)>;

  explicit SceneWidget(QWidget* parent = nullptr);
  /// From now on this makes the scene; it is asked again at every change of size.
  void setMaker(Maker maker);
  /// Asks for the scene again.
  void rebuild();
  [[nodiscard]] const picture::Scene& scene() const { return scene_; }

 protected:
  void paintEvent(QPaintEvent* event) override;
  void resizeEvent(QResizeEvent* event) override;
  void showEvent(QShowEvent* event) override;

 private:
  Maker maker_;
  picture::Scene scene_;
};

}  // namespace haybale::app
