// A name on the accessibility bus for every control that has none of its own: from the label before
// it, its placeholder, or its tip.
#pragma once

#include <QObject>

class QWidget;

namespace haybale::app {

/// Names controls, those of pages nobody has looked at too: what scans the bus sees them. One a
/// program, on the application.
class SpokenNames : public QObject {
  Q_OBJECT

 public:
  /// Installed once, however often it is asked for.
  static void install();
  /// Names every control below `root` that has no name yet, seen or not.
  static void nameAll(QWidget& root);

 protected:
  bool eventFilter(QObject* object, QEvent* event) override;

 private:
  using QObject::QObject;
};

/// Whether a widget takes the focus or a click and so needs a name.
[[nodiscard]] bool needsAName(const QWidget& widget);
/// What a screen reader says of it; empty when nothing.
[[nodiscard]] QString spokenName(QWidget& widget);

}  // namespace haybale::app
