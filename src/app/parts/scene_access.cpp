#include "app/parts/scene_access.h"

#include <QAccessible>
#include <QAccessibleWidget>
#include <QApplication>
#include <QMouseEvent>
#include <QPointer>

#include "app/line/board_widget.h"
#include "app/parts/button_access.h"
#include "app/style/scene_widget.h"
#include "app/trace/dial_panel.h"
#include "app/trace/lanes_widget.h"

namespace haybale::app {

namespace {

// The scene a widget shows; nullptr when it shows none.
const picture::Scene* sceneOf(const QWidget* widget) {
  if (const auto* board = qobject_cast<const BoardWidget*>(widget)) {
    return &board->scene();
  }
  if (const auto* lanes = qobject_cast<const LanesWidget*>(widget)) {
    return &lanes->scene();
  }
  if (const auto* dial = qobject_cast<const DialWidget*>(widget)) {
    return &dial->scene();
  }
  if (const auto* other = qobject_cast<const SceneWidget*>(widget)) {
    return &other->scene();
  }
  return nullptr;
}

// One spot, by its number in the scene: the scene may be another one when it is asked.
class SpotAccess : public QAccessibleInterface, public QAccessibleActionInterface {
 public:
  SpotAccess(QWidget* widget, std::size_t number) : widget_(widget), number_(number) {}

  [[nodiscard]] bool isValid() const override { return spot() != nullptr; }
  [[nodiscard]] QObject* object() const override { return nullptr; }
  [[nodiscard]] QAccessibleInterface* parent() const override {
    return QAccessible::queryAccessibleInterface(widget_);
  }
  [[nodiscard]] QAccessibleInterface* child(int) const override { return nullptr; }
  [[nodiscard]] int childCount() const override { return 0; }
  [[nodiscard]] int indexOfChild(const QAccessibleInterface*) const override { return -1; }
  [[nodiscard]] QAccessibleInterface* childAt(int, int) const override { return nullptr; }
  [[nodiscard]] QString text(QAccessible::Text what) const override {
    const auto* s = spot();
    if (!s) {
      return {};
    }
    switch (what) {
      case QAccessible::Name:
        return QString::fromStdString(!s->name.empty()  ? s->name
                                      : !s->tip.empty() ? s->tip
                                                        : s->id);
      case QAccessible::Value:
        return QString::fromStdString(s->value);
      case QAccessible::Description:
        return QString::fromStdString(s->tip);
      case QAccessible::Accelerator:
      case QAccessible::Help:
      default:
        return {};
    }
  }
  void setText(QAccessible::Text, const QString&) override {}
  [[nodiscard]] QRect rect() const override {
    const auto* s = spot();
    if (!s || !widget_) {
      return {};
    }
    const QRect inside(static_cast<int>(s->rect.x), static_cast<int>(s->rect.y),
                       static_cast<int>(s->rect.w), static_cast<int>(s->rect.h));
    return {widget_->mapToGlobal(inside.topLeft()), inside.size()};
  }
  [[nodiscard]] QAccessible::Role role() const override {
    return pressable() ? QAccessible::Button : QAccessible::StaticText;
  }
  [[nodiscard]] QAccessible::State state() const override {
    QAccessible::State state;
    state.invisible = !widget_ || !widget_->isVisible();
    return state;
  }
  void* interface_cast(QAccessible::InterfaceType type) override {
    return type == QAccessible::ActionInterface ? static_cast<QAccessibleActionInterface*>(this)
                                                : nullptr;
  }
  [[nodiscard]] QStringList actionNames() const override {
    return pressable() ? QStringList{pressAction()} : QStringList{};
  }
  [[nodiscard]] QStringList keyBindingsForAction(const QString&) const override { return {}; }
  // As a click there.
  void doAction(const QString& action) override {
    const auto* s = spot();
    if (!s || !widget_ || action != pressAction()) {
      return;
    }
    const QPointF at(s->rect.x + s->rect.w / 2, s->rect.y + s->rect.h / 2);
    for (const auto type : {QEvent::MouseButtonPress, QEvent::MouseButtonRelease}) {
      QMouseEvent event(type, at, widget_->mapToGlobal(at), Qt::LeftButton,
                        type == QEvent::MouseButtonPress ? Qt::LeftButton : Qt::NoButton,
                        Qt::NoModifier);
      QApplication::sendEvent(widget_, &event);
    }
  }

 private:
  [[nodiscard]] const picture::Spot* spot() const {
    const auto* scene = sceneOf(widget_);
    return scene && number_ < scene->spots.size() ? &scene->spots[number_] : nullptr;
  }
  [[nodiscard]] bool pressable() const {
    const auto* s = spot();
    return s && !qobject_cast<SceneWidget*>(widget_.data()) && !s->id.starts_with("element:") &&
           !s->id.starts_with("lane:");
  }

  QPointer<QWidget> widget_;
  std::size_t number_;
};

class SceneAccess : public QAccessibleWidget {
 public:
  explicit SceneAccess(QWidget* widget) : QAccessibleWidget(widget, QAccessible::Graphic) {}
  ~SceneAccess() override {
    for (const auto id : children_) {
      QAccessible::deleteAccessibleInterface(id);
    }
  }

  [[nodiscard]] int childCount() const override {
    const auto* scene = sceneOf(widget());
    return scene ? static_cast<int>(scene->spots.size()) : 0;
  }
  [[nodiscard]] QAccessibleInterface* child(int index) const override {
    if (index < 0 || index >= childCount()) {
      return nullptr;
    }
    while (static_cast<int>(children_.size()) <= index) {
      children_.push_back(
          QAccessible::registerAccessibleInterface(new SpotAccess(widget(), children_.size())));
    }
    return QAccessible::accessibleInterface(children_[static_cast<std::size_t>(index)]);
  }
  [[nodiscard]] int indexOfChild(const QAccessibleInterface* child) const override {
    for (std::size_t i = 0; i < children_.size(); ++i) {
      if (QAccessible::accessibleInterface(children_[i]) == child) {
        return static_cast<int>(i);
      }
    }
    return -1;
  }
  [[nodiscard]] QAccessibleInterface* childAt(int x, int y) const override {
    const auto* scene = sceneOf(widget());
    const QPoint at = widget()->mapFromGlobal(QPoint(x, y));
    for (std::size_t i = 0; scene && i < scene->spots.size(); ++i) {
      const auto& r = scene->spots[i].rect;
      if (at.x() >= r.x && at.x() < r.x + r.w && at.y() >= r.y && at.y() < r.y + r.h) {
        return child(static_cast<int>(i));
      }
    }
    return nullptr;
  }

 private:
  mutable std::vector<QAccessible::Id> children_;
};

QAccessibleInterface* make(const QString&, QObject* object) {
  auto* widget = qobject_cast<QWidget*>(object);
  return widget && sceneOf(widget) ? new SceneAccess(widget) : nullptr;
}

}  // namespace

void installSceneAccess() {
  static const bool once = [] {
    QAccessible::installFactory(make);
    QAccessible::installFactory(makeButtonAccess);
    return true;
  }();
  (void)once;
}

}  // namespace haybale::app
