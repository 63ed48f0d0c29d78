#include "app/line/function_row.h"

#include <QButtonGroup>
#include <QHBoxLayout>
#include <QPushButton>

#include "app/style/words.h"

namespace haybale::app {

using circuit::Place;
using circuit::Probe;
using circuit::TestKind;
using circuit::WireId;

namespace {

enum Leads { kPair, kAToGround, kBToGround, kBToBattery };

int leadsOf(const circuit::Test& test) {
  if (!test.black || test.black->place.kind == Place::Kind::ground) {
    return test.red && test.red->wire == WireId::b ? kBToGround : kAToGround;
  }
  return test.black->place.kind == Place::Kind::battery ? kBToBattery : kPair;
}

}  // namespace

FunctionRow::FunctionRow(JobModel& model, QWidget* parent)
    : QWidget(parent),
      model_(model),
      functions_(new QButtonGroup(this)),
      leads_(new QButtonGroup(this)) {
  whole_ = new QBoxLayout(QBoxLayout::LeftToRight, this);
  whole_->setContentsMargins(0, 0, 0, 0);
  whole_->setSpacing(5);
  row_ = addRow();
  addFunctions();
  row_->addStretch();
  row_ = addRow();
  addLeads();
  addState();
  row_->addStretch();
  whole_->addStretch();
  connect(&model_, &JobModel::selectionChanged, this, &FunctionRow::refresh);
  connect(&model_, &JobModel::changed, this, &FunctionRow::refresh);
  refresh();
}

QHBoxLayout* FunctionRow::addRow() {
  auto* row = new QHBoxLayout;
  row->setSpacing(5);
  whole_->addLayout(row);
  return row;
}

// One below the other where one row would cut the words.
void FunctionRow::resizeEvent(QResizeEvent* event) {
  QWidget::resizeEvent(event);
  int wanted = 0;
  for (const auto* button : findChildren<QPushButton*>()) {
    wanted += button->sizeHint().width() + 5;
  }
  const bool below = width() < wanted;
  whole_->setDirection(below ? QBoxLayout::TopToBottom : QBoxLayout::LeftToRight);
  whole_->setSpacing(below ? 5 : 13);
}

QPushButton* FunctionRow::toggle(const QString& text, const QString& name, const QString& tip) {
  auto* button = new QPushButton(text, this);
  button->setCheckable(true);
  button->setObjectName(name);
  button->setToolTip(tip);
  button->setProperty("key", true);
  row_->addWidget(button);
  return button;
}

void FunctionRow::addFunctions() {
  const struct {
    TestKind kind;
    QString text;
    QString name;
  } kinds[] = {{TestKind::resistance, tr("ohms"), QStringLiteral("line.ohms")},
               {TestKind::dcVoltage, tr("volts"), QStringLiteral("line.volts")},
               {TestKind::acVoltage, tr("AC"), QStringLiteral("line.ac")},
               {TestKind::lamp, tr("lamp"), QStringLiteral("line.lamp")},
               {TestKind::loop, tr("loop"), QStringLiteral("line.loop")},
               {TestKind::current, tr("mA"), QStringLiteral("line.current")}};
  for (const auto& k : kinds) {
    functions_->addButton(toggle(k.text, k.name, tr("What the meter is set to")),
                          static_cast<int>(k.kind));
  }
  connect(functions_, &QButtonGroup::idClicked, this,
          [this](int id) { model_.choose().kind(static_cast<TestKind>(id)); });
}

void FunctionRow::addLeads() {
  const std::pair<Leads, QString> leads[] = {{kPair, tr("a to b")},
                                             {kAToGround, tr("a to gnd")},
                                             {kBToGround, tr("b to gnd")},
                                             {kBToBattery, tr("b to bat")}};
  for (const auto& [id, text] : leads) {
    leads_->addButton(
        toggle(text, QStringLiteral("line.leads%1").arg(id), tr("Where the leads are")), id);
  }
  connect(leads_, &QButtonGroup::idClicked, this, &FunctionRow::setLeads);
}

void FunctionRow::addState() {
  row_->addSpacing(8);
  key_ = toggle({}, QStringLiteral("line.key"), tr("Ignition key"));
  plugged_ = toggle({}, QStringLiteral("line.plugged"),
                    tr("Whether the connector at this place is apart"));
  connect(key_, &QPushButton::clicked, this, [this](bool on) {
    auto test = model_.selection().test;
    test.state.key = on ? circuit::Key::on : circuit::Key::off;
    model_.choose().test(test);
  });
  connect(plugged_, &QPushButton::clicked, this, [this](bool apart) {
    auto test = model_.selection().test;
    const std::string id = test.red ? job::unplugsAt(test.red->place) : std::string();
    test.state.unplugged =
        apart && !id.empty() ? std::vector<std::string>{id} : std::vector<std::string>{};
    model_.choose().test(test);
  });
}

void FunctionRow::setLeads(int id) {
  auto test = model_.selection().test;
  if (!test.red) {
    return;
  }
  test.red->wire = id == kBToGround || id == kBToBattery ? WireId::b : WireId::a;
  test.black = id == kPair         ? Probe{test.red->place, WireId::b}
               : id == kBToBattery ? Probe{{Place::Kind::battery, ""}, std::nullopt}
                                   : Probe{{Place::Kind::ground, ""}, std::nullopt};
  model_.choose().test(test);
}

void FunctionRow::refresh() {
  const auto& test = model_.selection().test;
  if (auto* button = functions_->button(static_cast<int>(test.kind))) {
    button->setChecked(true);
  }
  leads_->button(leadsOf(test))->setChecked(true);
  const bool on = test.state.key == circuit::Key::on;
  key_->setChecked(on);
  key_->setText(on ? tr("key on") : tr("key off"));
  const std::string apart = test.red ? job::unplugsAt(test.red->place) : std::string();
  plugged_->setEnabled(!apart.empty());
  plugged_->setChecked(!apart.empty() && test.state.isUnplugged(apart));
  plugged_->setText(apart.empty()           ? tr("plugged in")
                    : plugged_->isChecked() ? tr("%1 unplugged").arg(q(apart))
                                            : tr("%1 plugged in").arg(q(apart)));
}

}  // namespace haybale::app
