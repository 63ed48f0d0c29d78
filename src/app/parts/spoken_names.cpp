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
#include <QGridLayout>
#include <QHeaderView>
#include <QLabel>
#include <QLineEdit>
#include <QProgressBar>
#include <QScrollArea>
#include <QScrollBar>
#include <QTextEdit>

namespace haybale::app {

namespace {

QString plainText(QString text) {
  return text.remove(QLatin1Char('&')).simplified();
}

QString textOf(const QWidget* widget) {
  const auto* label = qobject_cast<const QLabel*>(widget);
  return label ? plainText(label->text()).left(80) : QString();
}

// The layout of a widget's parent, or one below it, that holds the widget itself.
QLayout* layoutOf(QLayout* layout, const QWidget* widget) {
  for (int i = 0; layout && i < layout->count(); ++i) {
    auto* item = layout->itemAt(i);
    if (item->widget() == widget) {
      return layout;
    }
    if (auto* found = layoutOf(item->layout(), widget)) {
      return found;
    }
  }
  return nullptr;
}

QWidget* at(const QGridLayout& grid, int row, int column) {
  auto* item = grid.itemAtPosition(row, column);
  return item ? item->widget() : nullptr;
}

// In a table of boxes: what heads the row (a label, or what stands in its first box) and what heads
// the column.
QString namedByGrid(const QGridLayout& grid, const QWidget* widget) {
  int row = 0;
  int column = 0;
  int rows = 0;
  int columns = 0;
  grid.getItemPosition(grid.indexOf(const_cast<QWidget*>(widget)), &row, &column, &rows, &columns);
  QString left;
  for (int c = column - 1; c >= 0 && left.isEmpty(); --c) {
    left = textOf(at(grid, row, c));
  }
  for (int c = 0; c < column && left.isEmpty(); ++c) {
    const auto* edit = qobject_cast<QLineEdit*>(at(grid, row, c));
    left = edit ? edit->text() : QString();
  }
  QString above;
  for (int r = row - 1; r >= 0 && above.isEmpty(); --r) {
    above = textOf(at(grid, r, column));
  }
  return left.isEmpty() || above.isEmpty() ? left + above : left + QStringLiteral(", ") + above;
}

// Of the labels beside a widget the one that belongs to it, by the layout that holds both; it
// stands there before anything was shown.
QString labelBefore(const QWidget& widget) {
  const QWidget* parent = widget.parentWidget();
  auto* layout = parent ? layoutOf(parent->layout(), &widget) : nullptr;
  if (const auto* form = qobject_cast<QFormLayout*>(layout)) {
    return textOf(form->labelForField(const_cast<QWidget*>(&widget)));
  }
  if (const auto* grid = qobject_cast<QGridLayout*>(layout)) {
    return namedByGrid(*grid, &widget);
  }
  QString before;
  for (int i = 0; layout && i < layout->count(); ++i) {
    const auto* other = layout->itemAt(i)->widget();
    if (other == &widget) {
      return before;
    }
    const QString text = textOf(other);
    before = text.isEmpty() ? before : text;
  }
  return before;
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
  // Parts the toolkit makes itself.
  if (widget.inherits("QTableCornerButton")) {
    return SpokenNames::tr("all of the table");
  }
  if (widget.inherits("QLineEditIconButton")) {
    return SpokenNames::tr("empty the box");
  }
  if (widget.inherits("QComboBoxListView")) {
    return SpokenNames::tr("choices");
  }
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
  if (widget.metaObject() == &QScrollArea::staticMetaObject ||
      qobject_cast<const QScrollBar*>(&widget) || qobject_cast<const QHeaderView*>(&widget) ||
      qobject_cast<const QComboBox*>(parent) || qobject_cast<const QAbstractSpinBox*>(parent) ||
      (qobject_cast<const QLineEdit*>(parent) && !qobject_cast<const QAbstractButton*>(&widget)) ||
      (qobject_cast<const QAbstractScrollArea*>(parent) &&
       qobject_cast<const QAbstractScrollArea*>(parent)->viewport() == &widget)) {
    return false;
  }
  return widget.focusPolicy() != Qt::NoFocus || qobject_cast<const QAbstractButton*>(&widget) ||
         qobject_cast<const QLineEdit*>(&widget) || qobject_cast<const QComboBox*>(&widget) ||
         qobject_cast<const QAbstractSpinBox*>(&widget) ||
         qobject_cast<const QAbstractItemView*>(&widget) ||
         qobject_cast<const QProgressBar*>(&widget) || qobject_cast<const QTextEdit*>(&widget);
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

namespace {

void nameOne(QWidget& widget) {
  if (!needsAName(widget) || !widget.accessibleName().isEmpty()) {
    return;
  }
  const auto* button = qobject_cast<QAbstractButton*>(&widget);
  if (!button || button->text().isEmpty()) {
    widget.setAccessibleName(nameFor(widget));
  }
}

}  // namespace

void SpokenNames::nameAll(QWidget& root) {
  nameOne(root);
  for (auto* widget : root.findChildren<QWidget*>()) {
    nameOne(*widget);
  }
}

// What is made later is named as it is shown, or as its parent is laid out anew.
bool SpokenNames::eventFilter(QObject* object, QEvent* event) {
  if (object->isWidgetType()) {
    auto* widget = static_cast<QWidget*>(object);
    if (event->type() == QEvent::Show) {
      nameOne(*widget);
    } else if (event->type() == QEvent::LayoutRequest) {
      // Its own children alone: this comes at every change of a text.
      for (auto* child : widget->findChildren<QWidget*>(QString(), Qt::FindDirectChildrenOnly)) {
        nameOne(*child);
      }
    }
  }
  return QObject::eventFilter(object, event);
}

}  // namespace haybale::app
