#include "app/intake/counter_page.h"

#include <fmt/format.h>

#include <QButtonGroup>
#include <QCheckBox>
#include <QFormLayout>
#include <QGridLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

#include "app/intake/codes_table.h"
#include "app/intake/mark_box.h"
#include "app/style/labels.h"
#include "app/style/words.h"
#include "core/base/say.h"
#include "core/belief/intake_priors.h"

namespace haybale::app {

namespace {

QString plain(std::string_view word) {
  return q(sayName(word));
}

// A price: a number that is not below 0.
TextField priceField(const char* name, double job::Case::Costs::*member) {
  return {QStringLiteral("intake.price.") + QString::fromLatin1(name), QObject::tr("price"),
          [member](const job::Case& c) { return fmt::format("{:g}", c.costs.*member); },
          [member](job::Case& c, const std::string& text) -> Status {
            const auto entry = units::parseEntry(text, units::Unit::none);
            if (!entry || entry->overload || !(entry->value >= 0) || entry->value > 1e6) {
              return Error{"price", std::nullopt, "\"" + text + haybale::say("\" is no price"),
                           haybale::say("a number, as 60")};
            }
            c.costs.*member = entry->value;
            return Done{};
          }};
}

TextField intakeField(const char* name, std::string job::Intake::*member) {
  return {QStringLiteral("intake.") + QString::fromLatin1(name), QObject::tr("intake"),
          [member](const job::Case& c) { return c.intake.*member; },
          [member](job::Case& c, const std::string& text) -> Status {
            c.intake.*member = text;
            return Done{};
          }};
}

}  // namespace

CounterPage::CounterPage(JobModel& model, QWidget* parent) : QWidget(parent), model_(model) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(12);
  column->addWidget(codesPart());
  auto* below = new QHBoxLayout;
  below->setSpacing(22);
  auto* left = new QVBoxLayout;
  left->addWidget(basicsPart());
  left->addWidget(lampsPart());
  left->addStretch();
  auto* right = new QVBoxLayout;
  right->addWidget(partsPart());
  right->addWidget(pricesPart());
  right->addStretch();
  below->addLayout(left, 1);
  below->addLayout(right, 1);
  column->addLayout(below);
  column->addWidget(oddsPart());
  column->addStretch();
  connect(&model_, &JobModel::changed, this, &CounterPage::refresh);
  refresh();
}

QWidget* CounterPage::codesPart() {
  auto* part = new QWidget(this);
  auto* column = new QVBoxLayout(part);
  column->setContentsMargins(0, 0, 0, 0);
  auto* top = new QHBoxLayout;
  top->addWidget(partHead(tr("Codes in the module, before anything is cleared"), part), 1);
  noCodes_ = new QCheckBox(tr("none were stored"), part);
  noCodes_->setObjectName(QStringLiteral("intake.noCodes"));
  connect(noCodes_, &QCheckBox::toggled, this, [this](bool on) {
    model_.change(tr("no codes were stored"), [on](job::Case& c) { c.intake.noCodes = on; });
  });
  auto* add = new QPushButton(tr("Add a code"), part);
  add->setObjectName(QStringLiteral("intake.addCode"));
  connect(add, &QPushButton::clicked, this, [this] {
    model_.change(tr("add a stored code"), [](job::Case& c) {
      job::StoredCode code;
      code.circuit = c.suspect;
      code.status = std::string(job::kCodeStatusNames[0]);
      c.intake.codes.push_back(std::move(code));
      c.intake.noCodes = false;
    });
  });
  top->addWidget(noCodes_);
  top->addWidget(add);
  column->addLayout(top);
  column->addWidget(new CodesTable(model_, part));
  return part;
}

QWidget* CounterPage::lampsPart() {
  auto* part = new QWidget(this);
  auto* grid = new QGridLayout(part);
  grid->setContentsMargins(0, 0, 0, 0);
  grid->addWidget(partHead(tr("Lamps lit, functions lost"), part), 0, 0, 1, 3);
  const ListOf list = [](job::Case& c) -> std::vector<std::string>& { return c.intake.lamps; };
  int index = 0;
  for (const auto word : job::kLampNames) {
    grid->addWidget(markBox(model_, std::string(word), list, tr("lamps"),
                            QStringLiteral("intake.lamp.") + q(word), part),
                    1 + index / 3, index % 3);
    ++index;
  }
  return part;
}

// Good, bad, or not looked at: the same button once more takes it back.
QWidget* CounterPage::basicsPart() {
  auto* part = new QWidget(this);
  auto* grid = new QGridLayout(part);
  grid->setContentsMargins(0, 0, 0, 0);
  grid->setVerticalSpacing(4);
  grid->addWidget(partHead(tr("First things first"), part), 0, 0, 1, 3);
  int row = 1;
  for (const auto name : job::kBasicNames) {
    grid->addWidget(new QLabel(plain(name), part), row, 0);
    int column = 1;
    for (const auto state : job::kBasicStates) {
      auto* button = new QPushButton(plain(state), part);
      button->setObjectName(QStringLiteral("intake.basic.%1.%2").arg(q(name), q(state)));
      button->setCheckable(true);
      button->setProperty("key", true);
      const std::string key(name);
      const std::string value(state);
      connect(button, &QPushButton::clicked, this, [this, key, value](bool on) {
        model_.change(tr("basic check"), [&](job::Case& c) {
          if (on) {
            c.intake.basics[key] = value;
          } else {
            c.intake.basics.erase(key);
          }
        });
      });
      const auto show = [this, button, key, value] {
        const auto it = model_.job().intake.basics.find(key);
        const QSignalBlocker quiet(button);
        button->setChecked(it != model_.job().intake.basics.end() && it->second == value);
      };
      connect(&model_, &JobModel::changed, button, show);
      show();
      grid->addWidget(button, row, column++);
    }
    ++row;
  }
  grid->setColumnStretch(0, 1);
  return part;
}

QWidget* CounterPage::partsPart() {
  auto* part = new QWidget(this);
  auto* form = new QFormLayout(part);
  form->setContentsMargins(0, 0, 0, 0);
  form->setVerticalSpacing(5);
  form->addRow(partHead(tr("What is fitted"), part));
  auto* module = new QLineEdit(part);
  bind(module, model_, intakeField("module", &job::Intake::module));
  auto* sensor = new QLineEdit(part);
  bind(sensor, model_, intakeField("sensorPart", &job::Intake::sensorPart));
  module->setPlaceholderText(tr("number on its label"));
  sensor->setPlaceholderText(tr("number on the sensor"));
  form->addRow(tr("Module"), module);
  form->addRow(tr("Sensor"), sensor);
  return part;
}

QWidget* CounterPage::pricesPart() {
  auto* part = new QWidget(this);
  auto* grid = new QGridLayout(part);
  grid->setContentsMargins(0, 0, 0, 0);
  grid->addWidget(partHead(tr("Prices, in the shop's money"), part), 0, 0, 1, 6);
  const std::tuple<const char*, QString, double job::Case::Costs::*> rows[] = {
      {"hour", tr("an hour"), &job::Case::Costs::hour},
      {"sensor", tr("sensor"), &job::Case::Costs::sensor},
      {"ring", tr("ring"), &job::Case::Costs::ring},
      {"jumper", tr("harness"), &job::Case::Costs::jumper},
      {"module", tr("module"), &job::Case::Costs::module}};
  int index = 0;
  for (const auto& [name, text, member] : rows) {
    auto* edit = new QLineEdit(part);
    edit->setProperty("tight", true);
    edit->setMaximumWidth(76);
    bind(edit, model_, priceField(name, member), [this](const QString& bad) {
      if (!bad.isEmpty()) {
        emit model_.said(bad, true);
      }
    });
    grid->addWidget(new QLabel(text, part), 1 + index / 3, 2 * (index % 3));
    grid->addWidget(edit, 1 + index / 3, 2 * (index % 3) + 1);
    ++index;
  }
  return part;
}

QWidget* CounterPage::oddsPart() {
  auto* part = new QWidget(this);
  auto* column = new QVBoxLayout(part);
  column->setContentsMargins(0, 0, 0, 0);
  column->addWidget(partHead(tr("What that says, before anything is measured"), part));
  odds_ = new QLabel(part);
  odds_->setObjectName(QStringLiteral("intake.odds"));
  odds_->setWordWrap(true);
  odds_->setTextFormat(Qt::PlainText);
  column->addWidget(odds_);
  return part;
}

void CounterPage::refresh() {
  const QSignalBlocker quiet(noCodes_);
  noCodes_->setChecked(model_.job().intake.noCodes);
  noCodes_->setEnabled(model_.job().intake.codes.empty());
  QStringList lines;
  for (const auto& words : diagnosis::priorWords(model_.job())) {
    lines << QStringLiteral("\u2022  ") + q(words);
  }
  odds_->setText(lines.join(QLatin1Char('\n')));
}

}  // namespace haybale::app
