#include "app/help/keys_dialog.h"

#include <QGridLayout>
#include <QPushButton>
#include <QVBoxLayout>

#include "app/style/labels.h"

namespace haybale::app {

namespace {

using Keys = QList<std::pair<QString, QString>>;

QString say(const char* text) {
  return KeysDialog::tr(text);
}

Keys keysOf(KeysOf view) {
  switch (view) {
    case KeysOf::intake:
      return {{say("Tab, Shift+Tab"), say("from box to box")},
              {say("Space"), say("ticks what is chosen")}};
    case KeysOf::line:
      return {{say("arrows"), say("along the line and between its wires")},
              {say("Home, End"), say("to the module, to the ring")},
              {say("any digit"), say("begins a reading at the place that is chosen")},
              {QStringLiteral("Ctrl+R"), say("list the readings")},
              {QStringLiteral("Ctrl+E"), say("edit the line")},
              {say("C, S, Delete, < >"), say("while the line is edited: add a plug, add a joint, "
                                             "take out, move")}};
    case KeysOf::trace:
      return {{say("left, right"), say("move along the record")},
              {say("+ and -, up, down"), say("zoom")},
              {say("Home"), say("the whole record")},
              {say("A, B"), say("set a cursor where the pointer is; Esc takes them off")},
              {QStringLiteral("O"), say("open a capture")}};
    case KeysOf::swap:
      return {{QStringLiteral("1 ... 9"), say("wiggle watch: which leg is being moved")},
              {QStringLiteral("0"), say("wiggle watch: hands off")}};
    case KeysOf::close:
      return {{QStringLiteral("Ctrl+P"), say("print the report")},
              {say("Space"), say("ticks what is chosen")}};
    case KeysOf::book:
      return {{QStringLiteral("Ctrl+F"), say("to the search")},
              {say("up, down, Enter"), say("choose and open a job")}};
    case KeysOf::practice:
      return {{say("up, down, Enter"), say("choose and start a case")}};
  }
  return {};
}

Keys general() {
  return {{QStringLiteral("Ctrl+1 ... Ctrl+7"), say("the views of the rail")},
          {QStringLiteral("Alt"), say("the menu")},
          {QStringLiteral("Ctrl+Return"), say("answer the next move")},
          {QStringLiteral("Ctrl+L"), say("type a reading")},
          {QStringLiteral("Ctrl+M"), say("read the connected meter")},
          {QStringLiteral("F11"), say("large, to be read from three metres; again to leave")},
          {QStringLiteral("Ctrl+F"), say("find a job")},
          {QStringLiteral("Ctrl+N, Ctrl+O, Ctrl+S"), say("new, open, save")},
          {QStringLiteral("Ctrl+Z, Ctrl+Shift+Z"), say("undo, redo")},
          {QStringLiteral("Ctrl+P"), say("print the report")},
          {QStringLiteral("Ctrl +, Ctrl -, Ctrl 0"), say("everything larger, smaller, as it was")},
          {QStringLiteral("F1"), say("help for this view")},
          {QStringLiteral("?"), say("these keys")}};
}

}  // namespace

KeysDialog::KeysDialog(KeysOf view, QWidget* parent) : QDialog(parent) {
  setObjectName(QStringLiteral("keys"));
  setWindowTitle(tr("Keys"));
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(24, 18, 24, 18);
  auto* grid = new QGridLayout;
  grid->setHorizontalSpacing(22);
  int row = 0;
  for (const auto& [head, keys] :
       {std::pair{tr("In this view"), keysOf(view)}, std::pair{tr("Everywhere"), general()}}) {
    grid->addWidget(textLabel(this, "faint", head), row++, 0, 1, 2);
    for (const auto& [key, what] : keys) {
      grid->addWidget(partHead(key, this), row, 0);
      auto* does = textLabel(this, nullptr, what);
      does->setWordWrap(false);
      grid->addWidget(does, row++, 1);
    }
  }
  grid->setColumnMinimumWidth(1, 380);
  column->addLayout(grid);
  auto* close = new QPushButton(tr("Close"), this);
  close->setObjectName(QStringLiteral("keys.close"));
  connect(close, &QPushButton::clicked, this, &QDialog::accept);
  column->addWidget(close, 0, Qt::AlignRight);
}

}  // namespace haybale::app
