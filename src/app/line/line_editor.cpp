#include "app/line/line_editor.h"

#include <fmt/format.h>

#include <QComboBox>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>

#include "app/line/usual_lines.h"
#include "app/style/words.h"
#include "core/base/say.h"
#include "core/job/line_edit.h"

namespace haybale::app {

using circuit::Element;
using circuit::ElementKind;

LineEditor::LineEditor(JobModel& model, QWidget* parent) : QWidget(parent), model_(model) {
  setObjectName(QStringLiteral("editor"));
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(6);
  addFields();
  addKeys();
  auto* help =
      new QLabel(tr("On the board: arrows choose a part, C puts a connector in behind it, S a "
                    "splice, < > move it, Delete takes it out, Return names it, Esc ends."),
                 this);
  help->setProperty("faint", true);
  help->setWordWrap(true);
  column->addWidget(help);
  column->addStretch();
  connect(&model_, &JobModel::changed, this, &LineEditor::refresh);
  connect(&model_, &JobModel::selectionChanged, this, &LineEditor::refresh);
  refresh();
}

std::size_t LineEditor::index() const {
  const auto* circuit = model_.selectedCircuit();
  return circuit ? circuit->indexOf(model_.selection().part.toStdString()).value_or(0) : 0;
}

const Element* LineEditor::part() const {
  const auto* circuit = model_.selectedCircuit();
  return circuit && index() < circuit->path.size() ? &circuit->path[index()] : nullptr;
}

QLineEdit* LineEditor::field(const QString& name, const QString& label, int width,
                             Status (LineEditor::*commit)(job::Case&, Element&, const QString&)) {
  auto* edit = new QLineEdit(this);
  edit->setObjectName(QStringLiteral("editor.") + name);
  edit->setFixedWidth(width);
  auto* row = static_cast<QHBoxLayout*>(layout()->itemAt(0)->layout());
  row->addWidget(new QLabel(label, this));
  row->addWidget(edit);
  if (commit) {
    connect(edit, &QLineEdit::editingFinished, this, [this, edit, label, commit] {
      if (!edit->isModified()) {
        return;
      }
      edit->setModified(false);
      const std::string circuit = model_.selection().circuit.toStdString();
      const std::size_t at = index();
      model_.attempt(label, [&](job::Case& c) -> Status {
        return (this->*commit)(c, c.find(circuit)->path[at], edit->text());
      });
      refresh();
    });
    connect(edit, &QLineEdit::returnPressed, this, &LineEditor::boardWanted);
  }
  return edit;
}

void LineEditor::addFields() {
  auto* row = new QHBoxLayout;
  row->setSpacing(6);
  static_cast<QVBoxLayout*>(layout())->addLayout(row);
  name_ = field(QStringLiteral("name"), tr("name"), 92, nullptr);
  connect(name_, &QLineEdit::editingFinished, this, &LineEditor::rename);
  connect(name_, &QLineEdit::returnPressed, this, &LineEditor::boardWanted);
  zone_ = new QComboBox(this);
  zone_->setObjectName(QStringLiteral("editor.zone"));
  for (const auto& zone : circuit::kZoneNames) {
    zone_->addItem(q(zone));
  }
  connect(zone_, &QComboBox::activated, this, &LineEditor::setZone);
  row->addWidget(new QLabel(tr("zone"), this));
  row->addWidget(zone_);
  length_ = field(QStringLiteral("length"), tr("length, m"), 66, &LineEditor::setLength);
  section_ = field(QStringLiteral("section"), tr("mm\u00B2 or AWG"), 76, &LineEditor::setSection);
  minutes_ = field(QStringLiteral("minutes"), tr("minutes"), 54, &LineEditor::setMinutes);
  row->addStretch();
}

void LineEditor::addKeys() {
  auto* row = new QHBoxLayout;
  row->setSpacing(6);
  const auto key = [&](const QString& text, const char* name, const std::function<void()>& run) {
    auto* button = new QPushButton(text, this);
    button->setObjectName(QLatin1String(name));
    button->setFocusPolicy(Qt::TabFocus);
    connect(button, &QPushButton::clicked, this, run);
    row->addWidget(button);
    return button;
  };
  key(tr("+ Connector"), "editor.connector", [this] { insert(ElementKind::connector); });
  key(tr("+ Splice"), "editor.splice", [this] { insert(ElementKind::splice); });
  left_ = key(tr("Towards module"), "editor.left", [this] { move(-1); });
  right_ = key(tr("Towards wheel"), "editor.right", [this] { move(1); });
  remove_ = key(tr("Take out"), "editor.remove", [this] { remove(); });
  row->addStretch();
  key(tr("Usual lines..."), "editor.start", [this] { chooseUsual(model_, this); });
  static_cast<QVBoxLayout*>(layout())->addLayout(row);
}

void LineEditor::boardKey(QKeyEvent* event) {
  switch (event->key()) {
    case Qt::Key_C:
      insert(ElementKind::connector);
      break;
    case Qt::Key_S:
      insert(ElementKind::splice);
      break;
    case Qt::Key_Delete:
    case Qt::Key_Backspace:
      remove();
      break;
    case Qt::Key_Less:
      move(-1);
      break;
    case Qt::Key_Greater:
      move(1);
      break;
    case Qt::Key_Return:
    case Qt::Key_Enter:
      name_->setFocus(Qt::ShortcutFocusReason);
      name_->selectAll();
      break;
    case Qt::Key_Escape:
      model_.choose().editing(false);
      break;
    default:
      event->ignore();
      break;
  }
}

void LineEditor::insert(ElementKind kind) {
  const std::string circuit = model_.selection().circuit.toStdString();
  const std::size_t at = index();
  std::string made;
  const bool done = model_.attempt(
      kind == ElementKind::connector ? tr("put in a connector") : tr("put in a splice"),
      [&](job::Case& c) -> Status {
        const auto id = job::insertInLine(c, circuit, at, kind);
        if (!id) {
          return id.error();
        }
        made = *id;
        return Done{};
      });
  if (done) {
    model_.choose().part(q(made));
  }
}

void LineEditor::remove() {
  const std::string circuit = model_.selection().circuit.toStdString();
  const std::size_t at = index();
  model_.attempt(tr("take a part out"),
                 [&](job::Case& c) { return job::removeFromLine(c, circuit, at); });
}

void LineEditor::move(int step) {
  const std::string circuit = model_.selection().circuit.toStdString();
  const std::size_t at = index();
  model_.attempt(tr("move a part"),
                 [&](job::Case& c) { return job::moveInLine(c, circuit, at, step); });
}

void LineEditor::rename() {
  if (!name_->isModified() || !part()) {
    return;
  }
  name_->setModified(false);
  const std::string circuit = model_.selection().circuit.toStdString();
  const std::string id = name_->text().trimmed().toStdString();
  const std::size_t at = index();
  if (model_.attempt(tr("name a part"),
                     [&](job::Case& c) { return job::renameInLine(c, circuit, at, id); })) {
    model_.choose().part(q(id));
  }
  refresh();
}

void LineEditor::setZone(int zone) {
  const std::string circuit = model_.selection().circuit.toStdString();
  const std::size_t at = index();
  model_.change(tr("zone"), [&](job::Case& c) {
    c.find(circuit)->path[at].zone = static_cast<circuit::Zone>(zone);
  });
}

namespace {

// A number within bounds, or a sentence that says so.
Result<double> numberWithin(const QString& text, units::Unit unit, double low, double high,
                            const char* wanted) {
  const auto entry = units::parseEntry(text.toStdString(), unit);
  if (!entry || entry->overload || entry->value < low || entry->value > high) {
    return Error{"line", std::nullopt, "\"" + text.toStdString() + say("\" does not fit here"),
                 wanted};
  }
  return entry->value;
}

}  // namespace

Status LineEditor::setLength(job::Case&, Element& e, const QString& text) {
  const auto metres =
      numberWithin(text, units::Unit::metre, 0.01, 1000, "metres from 0.01 to 1000, as 0.8");
  if (!metres) {
    return metres.error();
  }
  e.lengthM = *metres;
  return Done{};
}

Status LineEditor::setSection(job::Case&, Element& e, const QString& text) {
  const auto section = job::parseSection(text.toStdString());
  if (!section) {
    return section.error();
  }
  e.areaMm2 = *section;
  return Done{};
}

Status LineEditor::setMinutes(job::Case&, Element& e, const QString& text) {
  const auto minutes =
      numberWithin(text, units::Unit::none, 0, 1000, "minutes to lay it bare, as 6");
  if (!minutes) {
    return minutes.error();
  }
  e.accessMinutes = *minutes;
  return Done{};
}

void LineEditor::refresh() {
  const auto* e = part();
  if (!e) {
    return;
  }
  const bool leg = e->kind == ElementKind::leg;
  const bool end = e->kind == ElementKind::module || e->kind == ElementKind::sensor ||
                   e->kind == ElementKind::ring;
  const auto show = [](QLineEdit* edit, const std::string& text) {
    if (!edit->hasFocus() || !edit->isModified()) {
      edit->setText(q(text));
    }
  };
  show(name_, e->id);
  zone_->setCurrentIndex(static_cast<int>(e->zone));
  show(length_, leg ? fmt::format("{:.3g}", e->lengthM.value_or(1)) : "");
  show(section_, leg ? fmt::format("{:.3g}", e->areaMm2.value_or(0.5)) : "");
  show(minutes_, fmt::format("{:g}", e->accessMinutes));
  length_->setEnabled(leg);
  section_->setEnabled(leg);
  for (QPushButton* button : {remove_, left_, right_}) {
    button->setEnabled(!end);
  }
}

}  // namespace haybale::app
