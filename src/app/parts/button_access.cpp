#include "app/parts/button_access.h"

#include <QAccessibleWidget>
#include <QPushButton>
#include <QRadioButton>
#include <QToolButton>

namespace haybale::app {

namespace {

class ButtonAccess : public QAccessibleWidget {
 public:
  explicit ButtonAccess(QAbstractButton* button) : QAccessibleWidget(button) {}

  // What it is may be said after it was first asked for.
  [[nodiscard]] QAccessible::Role role() const override {
    return qobject_cast<QRadioButton*>(object()) ? QAccessible::RadioButton
           : button()->isCheckable()             ? QAccessible::CheckBox
           : menuButton()                        ? QAccessible::ButtonMenu
                                                 : QAccessible::Button;
  }
  [[nodiscard]] QString text(QAccessible::Text what) const override {
    const QString own = QAccessibleWidget::text(what);
    return what == QAccessible::Name && own.isEmpty()
               ? button()->text().remove(QLatin1Char('&')).simplified()
               : own;
  }
  [[nodiscard]] QAccessible::State state() const override {
    auto state = QAccessibleWidget::state();
    state.checkable = button()->isCheckable();
    state.checked = button()->isChecked();
    state.pressed = button()->isDown();
    state.hasPopup = menuButton() != nullptr;
    return state;
  }
  [[nodiscard]] QStringList actionNames() const override {
    return widget()->isEnabled() ? QStringList{pressAction(), setFocusAction()} : QStringList{};
  }
  void doAction(const QString& action) override {
    if (action != pressAction()) {
      QAccessibleWidget::doAction(action);
    } else if (auto* menu = menuButton()) {
      menu->showMenu();
    } else {
      button()->click();
    }
  }

 private:
  [[nodiscard]] QPushButton* menuButton() const {
    auto* push = qobject_cast<QPushButton*>(object());
    return push && push->menu() ? push : nullptr;
  }
  [[nodiscard]] QAbstractButton* button() const { return static_cast<QAbstractButton*>(object()); }
};

}  // namespace

QAccessibleInterface* makeButtonAccess(const QString&, QObject* object) {
  auto* button = qobject_cast<QAbstractButton*>(object);
  return button && !qobject_cast<QToolButton*>(button) ? new ButtonAccess(button) : nullptr;
}

}  // namespace haybale::app
