#include "app/intake/intake_view.h"

#include <fmt/format.h>

#include <QFormLayout>
#include <QGridLayout>
#include <QLabel>
#include <QMenu>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

#include "app/intake/circuits_table.h"
#include "app/intake/counter_page.h"
#include "app/intake/history_form.h"
#include "app/intake/kind_line.h"
#include "app/intake/limits_form.h"
#include "app/intake/mark_box.h"
#include "app/style/flow_layout.h"
#include "app/style/form.h"
#include "app/style/labels.h"
#include "app/style/words.h"
#include "core/base/say.h"
#include "core/circuit/place_words.h"
#include "core/judging/limits_sheet.h"
#include "core/physics/tyre.h"

namespace haybale::app {

namespace {

constexpr int kPlateW = 96;

QLabel* faint(const QString& text, QWidget* parent) {
  auto* label = new QLabel(text, parent);
  label->setProperty("faint", true);
  return label;
}

// A field of the case that takes any text.
TextField plainField(const QString& name, const QString& what, std::string& (*field)(job::Case&)) {
  return {name, what,
          [field](const job::Case& c) {
            job::Case copy = c;
            return field(copy);
          },
          [field](job::Case& c, const std::string& text) -> Status {
            field(c) = text;
            return Done{};
          }};
}

Status setTyre(job::Case& c, const std::string& text) {
  if (!text.empty()) {
    if (const auto size = physics::parseTyre(text); !size) {
      return size.error();
    }
  }
  c.tyre = text;
  return Done{};
}

}  // namespace

IntakeView::IntakeView(JobModel& model, QWidget* parent) : PageTabs(parent), model_(model) {
  auto* vehicle = new QWidget(this);
  auto* columns = new QHBoxLayout(vehicle);
  columns->setContentsMargins(0, 0, 0, 0);
  columns->setSpacing(18);
  auto* left = new QVBoxLayout;
  left->addWidget(vehiclePart());
  left->addWidget(complaintPart());
  left->addStretch();
  auto* right = new QVBoxLayout;
  // What most jobs need stands above what the maker's papers say.
  for (QWidget* part : {circuitsPart(), toolsPart(), allowedPart(), limitsPart()}) {
    right->addWidget(part);
  }
  right->addStretch();
  columns->addLayout(left, 3);
  columns->addLayout(right, 5);
  addPage(tr("Vehicle and complaint"), QStringLiteral("intake.page.vehicle"), vehicle);
  addPage(tr("Codes, basics, prices"), QStringLiteral("intake.page.counter"),
          new CounterPage(model_, this));
  addPage(tr("Done already"), QStringLiteral("intake.page.history"), historyPart());
  auto* begin =
      faint(tr("To begin: which wheel, and what was said. The rest may stay empty."), this);
  begin->setWordWrap(true);
  addBeside(begin);
  connect(&model_, &JobModel::changed, this, &IntakeView::refresh);
  refresh();
}

QWidget* IntakeView::vehiclePart() {
  auto* part = new QWidget(this);
  auto* form = new QFormLayout(part);
  form->setContentsMargins(0, 0, 0, 0);
  form->setVerticalSpacing(5);
  form->addRow(partHead(tr("The vehicle"), part));
  auto* title = new QLineEdit(part);
  bind(title, model_,
       plainField(QStringLiteral("intake.title"), tr("title"),
                  [](job::Case& c) -> std::string& { return c.title; }));
  auto* vehicle = new QLineEdit(part);
  bind(vehicle, model_,
       plainField(QStringLiteral("intake.vehicle"), tr("vehicle"),
                  [](job::Case& c) -> std::string& { return c.vehicle; }));
  auto* plate = new QLineEdit(part);
  bind(plate, model_,
       plainField(QStringLiteral("intake.plate"), tr("plate"),
                  [](job::Case& c) -> std::string& { return c.plate; }));
  auto* owner = new QLineEdit(part);
  bind(owner, model_,
       plainField(QStringLiteral("intake.owner"), tr("owner"),
                  [](job::Case& c) -> std::string& { return c.owner; }));
  owner->setPlaceholderText(tr("owner, if need be"));
  owner->setToolTip(tr("Plate and owner can be erased later: Logbook, Erase owner"));
  auto* tyre = new QLineEdit(part);
  tyre->setPlaceholderText(QStringLiteral("205/55R16"));
  tyreNote_ = faint({}, part);
  tyreNote_->setWordWrap(true);
  tyreNote_->setObjectName(QStringLiteral("intake.tyre.note"));
  bind(tyre, model_,
       {QStringLiteral("intake.tyre"), tr("tyre"), [](const job::Case& c) { return c.tyre; },
        setTyre},
       [this](const QString& bad) {
         if (!bad.isEmpty()) {
           tyreNote_->setText(bad);
         }
       });
  form->addRow(tr("Job"), title);
  form->addRow(tr("Vehicle"), vehicle);
  auto* whose = new QHBoxLayout;
  plate->setMaximumWidth(kPlateW);
  whose->addWidget(plate);
  whose->addWidget(owner, 1);
  form->addRow(tr("Plate"), whose);
  form->addRow(tr("Tyre"), tyre);
  form->addRow(QString(), tyreNote_);
  return part;
}

QWidget* IntakeView::complaintPart() {
  auto* part = new QWidget(this);
  auto* column = new QVBoxLayout(part);
  column->setContentsMargins(0, 8, 0, 0);
  column->addWidget(partHead(tr("The complaint"), part));
  auto* text = new QPlainTextEdit(part);
  text->setFixedHeight(80);
  text->setTabChangesFocus(true);
  text->setPlaceholderText(
      tr("Which lamps, since when, where, in what weather, who repaired what before"));
  bind(text, model_,
       plainField(QStringLiteral("intake.complaint"), tr("complaint"),
                  [](job::Case& c) -> std::string& { return c.complaint.text; }));
  column->addWidget(text);
  auto* grid = new QGridLayout;
  grid->setHorizontalSpacing(10);
  column->addLayout(grid);
  const ListOf list = [](job::Case& c) -> std::vector<std::string>& { return c.complaint.when; };
  addMarks(grid, 0, 3, job::kWhenNames, list, tr("when it occurs"), QStringLiteral("intake.when."));
  auto* lift = new QCheckBox(tr("only seen on the lift or on stands"), part);
  lift->setObjectName(QStringLiteral("intake.lift"));
  const auto showLift = [this, lift] {
    const QSignalBlocker quiet(lift);
    lift->setChecked(model_.job().complaint.lift);
  };
  connect(lift, &QCheckBox::clicked, this, [this](bool on) {
    model_.change(tr("on the lift"), [on](job::Case& c) { c.complaint.lift = on; });
  });
  connect(&model_, &JobModel::changed, lift, showLift);
  showLift();
  column->addWidget(lift);
  column->addWidget(faint(tr("Repaired before, on the circuit in question"), part));
  repairs_ = new QWidget(part);
  new FlowLayout(repairs_, 8);
  column->addWidget(repairs_);
  return part;
}

QWidget* IntakeView::historyPart() {
  auto* page = new QWidget(this);
  auto* column = new QVBoxLayout(page);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(8);
  column->addWidget(partHead(tr("What was done already, and whether it helped"), page));
  auto* why = faint(
      tr("A part renewed in vain counts for less. Trouble that began after a work sits where the "
         "work "
         "was: two wires changed over, a hub with another count of teeth, a bearing the wrong way "
         "round, a tyre of another size."),
      page);
  why->setWordWrap(true);
  column->addWidget(why);
  column->addWidget(new HistoryForm(model_, page));
  column->addStretch();
  return page;
}

QWidget* IntakeView::toolsPart() {
  auto* part = new QWidget(this);
  auto* grid = new QGridLayout(part);
  grid->setContentsMargins(0, 8, 0, 0);
  grid->addWidget(partHead(tr("The tool box"), part), 0, 0, 1, 3);
  const ListOf list = [](job::Case& c) -> std::vector<std::string>& { return c.toolbox; };
  addMarks(grid, 1, 3, job::kToolNames, list, tr("tool box"), QStringLiteral("intake.tool."));
  return part;
}

QWidget* IntakeView::allowedPart() {
  auto* part = new QWidget(this);
  auto* grid = new QGridLayout(part);
  grid->setContentsMargins(0, 8, 0, 0);
  grid->addWidget(partHead(tr("What may be done to the wires"), part), 0, 0, 1, 4);
  const ListOf list = [](job::Case& c) -> std::vector<std::string>& { return c.allowed; };
  addMarks(grid, 1, 4, job::kAllowedNames, list, tr("what is allowed"),
           QStringLiteral("intake.allowed."));
  return part;
}

// One mark a word, `columns` to a row, from row `top` on.
void IntakeView::addMarks(QGridLayout* grid, int top, int columns,
                          std::span<const std::string_view> words, const ListOf& list,
                          const QString& what, const QString& prefix) {
  int index = 0;
  for (const auto word : words) {
    grid->addWidget(
        markBox(model_, std::string(word), list, what, prefix + q(word), grid->parentWidget()),
        top + index / columns, index % columns);
    ++index;
  }
}

QWidget* IntakeView::circuitsPart() {
  auto* part = new QWidget(this);
  auto* column = new QVBoxLayout(part);
  column->setContentsMargins(0, 0, 0, 0);
  auto* top = new QHBoxLayout;
  top->addWidget(partHead(tr("The circuits"), part), 1);
  auto* add = new QPushButton(tr("Add a circuit"), part);
  add->setObjectName(QStringLiteral("intake.addCircuit"));
  top->addWidget(add);
  column->addLayout(top);
  auto* table = new CircuitsTable(model_, part);
  connect(add, &QPushButton::clicked, table, &CircuitsTable::addCircuit);
  auto* area = new QScrollArea(part);
  area->setFrameShape(QFrame::NoFrame);
  area->setWidgetResizable(true);
  area->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  area->setWidget(table);
  area->setMinimumHeight(180);
  column->addWidget(area);
  column->addWidget(new KindLine(model_, part));
  return part;
}

QWidget* IntakeView::limitsPart() {
  auto* part = new QWidget(this);
  auto* column = new QVBoxLayout(part);
  column->setContentsMargins(0, 8, 0, 0);
  auto* top = new QHBoxLayout;
  top->addWidget(partHead(tr("The limits"), part), 1);
  for (const bool save : {false, true}) {
    auto* button = new QPushButton(save ? tr("Save as a sheet") : tr("Take from a sheet"), part);
    button->setObjectName(save ? QStringLiteral("intake.saveSheet")
                               : QStringLiteral("intake.takeSheet"));
    if (save) {
      connect(button, &QPushButton::clicked, this, [this] { emit sheetWanted(true); });
    } else {
      button->setMenu(sheetMenu(button));
    }
    top->addWidget(button);
  }
  column->addLayout(top);
  column->addWidget(
      faint(tr("The vehicle's own service information overrides common practice."), part));
  column->addWidget(new LimitsForm(model_, part));
  return part;
}

// A file of the shop's own, or one of the generic sheets.
QMenu* IntakeView::sheetMenu(QWidget* parent) {
  auto* menu = new QMenu(parent);
  menu->addAction(tr("A file..."), this, [this] { emit sheetWanted(false); });
  menu->addSeparator();
  for (const auto& sheet : judging::genericSheets()) {
    menu->addAction(tr("%1 (%2)").arg(q(sheet.vehicle), q(sheet.source)), this, [this, &sheet] {
      model_.change(tr("limits of a sheet"),
                    [&](job::Case& c) { judging::applySheet(sheet, c.limits); });
    });
  }
  return menu;
}

void IntakeView::refresh() {
  const auto circumference = model_.job().rollingCircumferenceM();
  tyreNote_->setText(circumference
                         ? q(sayf("rolls {:.3f} m a turn (3.05 x diameter)", *circumference))
                         : tr("gives road speed from the teeth"));
  rebuildRepairs();
}

// One mark for each part of the suspect's line that can have been repaired.
void IntakeView::rebuildRepairs() {
  static const QString the = QStringLiteral("the ");
  std::vector<std::string> ids;
  const auto* suspect = model_.job().suspectCircuit();
  if (suspect) {
    for (const auto& e : suspect->path) {
      if (e.kind != circuit::ElementKind::ring && e.kind != circuit::ElementKind::module) {
        ids.push_back(e.id);
      }
    }
  }
  QString key;
  for (const auto& id : ids) {
    key += q(circuit::partForTitle(*suspect, id)) + QLatin1Char('\n');
  }
  if (key == repairsShown_) {
    return;
  }
  repairsShown_ = key;
  empty(*repairs_->layout());
  for (const auto& id : ids) {
    const ListOf list = [](job::Case& c) -> std::vector<std::string>& {
      return c.complaint.earlierRepair;
    };
    auto* box = markBox(model_, id, list, tr("earlier repair"),
                        QStringLiteral("intake.repair.") + q(id), repairs_);
    // In words: whoever is new here has not learnt the line's letters.
    const QString words = q(circuit::partForTitle(*suspect, id));
    box->setText(words.startsWith(the) ? words.mid(the.size()) : words);
    repairs_->layout()->addWidget(box);
  }
}

}  // namespace haybale::app
