#include "app/parts/spoken_names.h"

#include <QAbstractButton>
#include <QAbstractItemView>
#include <QAbstractScrollArea>
#include <QAbstractSpinBox>
#include <QAccessible>
#include <QApplication>
#include <QComboBox>
#include <QEvent>
#include <QFormLayout>
#include <QHeaderView>
#include <QLabel>
#include <QLineEdit>
#include <QScrollBar>
#include <QTextEdit>

namespace haybale::app {

namespace {

QString plainText(QString text) {
  return text.remove(QLatin1Char('&')).simplified();
}

// Of the labels beside a widget the nearest one to its left or above it.
QString labelBefore(const QWidget& widget) {
  const QWidget* parent = widget.parentWidget();
  if (!parent) {
    return {};
  }
  const QRect at = widget.geometry();
  const QLabel* best = nullptr;
  int nearest = 1 << 20;
  for (const auto* label : parent->findChildren<QLabel*>(QString(), Qt::FindDirectChildrenOnly)) {
    const QRect l = label->geometry();
    const bool before =
        l.right() <= at.left() + 4 && l.bottom() > at.top() && l.top() < at.bottom();
    const bool above = l.bottom() <= at.top() + 4 && l.right() > at.left() && l.left() < at.right();
    const int distance = before  ? at.left() - l.right()
                         : above ? 40 + at.top() - l.bottom()
                                 : 1 << 20;
    if (!label->text().isEmpty() && distance < nearest) {
      nearest = distance;
      best = label;
    }
  }
  return best ? plainText(best->text()).left(80) : QString();
}

// "intake.circuit3.name" -> "intake circuit 3 name": better than nothing.
QString wordsOf(const QString& objectName) {
  QString out;
  QChar last;
  for (const QChar c : objectName) {
    if (c.isUpper() || (c.isDigit() && !last.isDigit())) {
      out += QLatin1Char(' ');
    }
    out += c == QLatin1Char('.') ? QLatin1Char(' ') : c.toLower();
    last = c;
  }
  return out.simplified();
}

QString nameFor(const QWidget& widget) {
  if (const auto* button = qobject_cast<const QAbstractButton*>(&widget);
      button && !button->text().isEmpty()) {
    return plainText(button->text());
  }
  if (const QString label = labelBefore(widget); !label.isEmpty()) {
    return label;
  }
  if (const auto* edit = qobject_cast<const QLineEdit*>(&widget);
      edit && !edit->placeholderText().isEmpty()) {
    return edit->placeholderText();
  }
  if (!widget.toolTip().isEmpty()) {
    return plainText(widget.toolTip()).left(80);
  }
  return wordsOf(widget.objectName());
}

}  // namespace

bool needsAName(const QWidget& widget) {
  // Parts of a control that is named itself.
  const QWidget* parent = widget.parentWidget();
  if (qobject_cast<const QScrollBar*>(&widget) || qobject_cast<const QHeaderView*>(&widget) ||
      qobject_cast<const QComboBox*>(parent) || qobject_cast<const QAbstractSpinBox*>(parent) ||
      qobject_cast<const QLineEdit*>(parent) ||
      (qobject_cast<const QAbstractScrollArea*>(parent) &&
       qobject_cast<const QAbstractScrollArea*>(parent)->viewport() == &widget)) {
    return false;
  }
  return widget.focusPolicy() != Qt::NoFocus || qobject_cast<const QAbstractButton*>(&widget) ||
         qobject_cast<const QLineEdit*>(&widget) || qobject_cast<const QComboBox*>(&widget) ||
         qobject_cast<const QAbstractSpinBox*>(&widget) ||
         qobject_cast<const QAbstractItemView*>(&widget) || qobject_cast<const QTextEdit*>(&widget);
}

QString spokenName(QWidget& widget) {
  auto* interface = QAccessible::queryAccessibleInterface(&widget);
  return interface ? interface->text(QAccessible::Name) : QString();
}

void SpokenNames::install() {
  static const bool once = [] {
    qApp->installEventFilter(new SpokenNames(qApp));
    return true;
  }();
  (void)once;
}

// When it is shown the labels beside it stand where they belong.
bool SpokenNames::eventFilter(QObject* object, QEvent* event) {
  if (event->type() == QEvent::Show && object->isWidgetType()) {
    auto* widget = static_cast<QWidget*>(object);
    if (needsAName(*widget) && widget->accessibleName().isEmpty()) {
      const auto* button = qobject_cast<QAbstractButton*>(widget);
      if (!button || button->text().isEmpty()) {
        widget->setAccessibleName(nameFor(*widget));
      }
    }
  }
  return QObject::eventFilter(object, event);
}

}  // namespace haybale::app
