#include "app/intake/circuits_table.h"

#include <QComboBox>
#include <QGridLayout>
#include <QLabel>
#include <QRadioButton>

#include "app/style/form.h"
#include "app/style/words.h"
#include "core/base/say.h"

namespace haybale::app {

using circuit::Circuit;

namespace {

QString circuitBoxName(std::size_t index, const QString& field) {
  return QStringLiteral("intake.circuit%1.%2").arg(index).arg(field);
}

Status rename(job::Case& c, Circuit& own, const std::string& name) {
  const auto* other = c.find(name);
  if (name.empty() || (other && other != &own)) {
    return Error{"circuit", std::nullopt,
                 name.empty() ? haybale::say("a circuit needs a name")
                              : "\"" + name + haybale::say("\" is taken"),
                 haybale::say("a short name of its own, as RR")};
  }
  const std::string before = own.name;
  const auto follow = [&](std::string& text) { text = text == before ? name : text; };
  for (auto* list : {&c.evidence, &c.proof}) {
    for (auto& e : *list) {
      follow(e.test.circuit);
      if (auto& swap = e.test.state.swap) {
        follow(swap->sensorOf);
        follow(swap->into);
      }
      if (e.reading.codes) {
        for (auto& code : *e.reading.codes) {
          follow(code.circuit);
        }
      }
      for (auto& [wheel, kmh] : e.reading.kmh) {
        follow(wheel);
      }
    }
  }
  for (auto& code : c.intake.codes) {
    follow(code.circuit);
  }
  follow(c.closing.circuit);
  follow(c.suspect);
  own.name = name;
  return Done{};
}

Status setTeeth(job::Case&, Circuit& own, const std::string& text) {
  if (text.empty()) {
    own.sensor.teeth.reset();
    return Done{};
  }
  const auto entry = units::parseEntry(text, units::Unit::none);
  if (!entry || entry->overload || entry->value < 4 || entry->value > 2000) {
    return Error{"teeth", std::nullopt, "\"" + text + haybale::say("\" is no number of teeth"),
                 haybale::say("a whole number, usually 29 to 100")};
  }
  own.sensor.teeth = static_cast<int>(std::lround(entry->value));
  return Done{};
}

}  // namespace

CircuitsTable::CircuitsTable(JobModel& model, QWidget* parent)
    : QWidget(parent), model_(model), grid_(new QGridLayout(this)) {
  grid_->setContentsMargins(0, 0, 0, 0);
  grid_->setSpacing(5);
  connect(&model_, &JobModel::changed, this, &CircuitsTable::rebuild);
  rebuild();
}

void CircuitsTable::addCircuit() {
  model_.change(tr("add a circuit"), [](job::Case& c) {
    std::size_t number = c.circuits.size() + 1;
    while (c.find("S" + std::to_string(number))) {
      ++number;
    }
    c.circuits.push_back(circuit::typicalCircuit("S" + std::to_string(number), ""));
    c.circuits.back().sensor.kind = circuit::SensorKind::passive;
  });
}

void CircuitsTable::clear() {
  empty(*grid_);
}

// Anew only when circuits came, went or were renamed; otherwise the boxes follow the case by
// themselves.
void CircuitsTable::rebuild() {
  QString key = q(model_.job().suspect);
  for (const auto& c : model_.job().circuits) {
    key += QLatin1Char('\n') + q(c.name);
  }
  if (key == shown_) {
    return;
  }
  shown_ = key;
  clear();
  int column = 0;
  for (const auto& text : {tr("suspect"), tr("name"), tr("where"), tr("sensor"), tr("teeth"),
                           tr("wire a"), tr("wire b")}) {
    auto* label = new QLabel(text, this);
    label->setProperty("faint", true);
    grid_->addWidget(label, 0, column++);
  }
  for (std::size_t i = 0; i < model_.job().circuits.size(); ++i) {
    addRow(i);
  }
  grid_->setRowStretch(static_cast<int>(model_.job().circuits.size()) + 1, 1);
}

void CircuitsTable::addRow(std::size_t index) {
  addSuspect(index);
  addText(
      index, 1, QStringLiteral("name"), 46, [](const Circuit& c) { return c.name; }, rename);
  addText(
      index, 2, QStringLiteral("where"), 86, [](const Circuit& c) { return c.location; },
      [](job::Case&, Circuit& own, const std::string& text) -> Status {
        own.location = text;
        return Done{};
      });
  addKind(index);
  addText(
      index, 4, QStringLiteral("teeth"), 44,
      [](const Circuit& c) {
        return c.sensor.teeth ? std::to_string(*c.sensor.teeth) : std::string();
      },
      setTeeth);
  for (std::size_t w = 0; w < 2; ++w) {
    addText(
        index, 5 + static_cast<int>(w), QStringLiteral("wire%1").arg(w), 64,
        [w](const Circuit& c) { return c.wires[w].colour; },
        [w](job::Case&, Circuit& own, const std::string& text) -> Status {
          own.wires[w].colour = text;
          return Done{};
        });
  }
}

void CircuitsTable::addSuspect(std::size_t index) {
  auto* button = new QRadioButton(this);
  button->setObjectName(circuitBoxName(index, QStringLiteral("suspect")));
  button->setChecked(model_.job().circuits[index].name == model_.job().suspect);
  connect(button, &QRadioButton::clicked, this, [this, index] {
    model_.change(tr("circuit in question"), [&](job::Case& c) {
      if (index < c.circuits.size()) {
        c.suspect = c.circuits[index].name;
      }
    });
    model_.choose().circuit(q(model_.job().suspect));
  });
  grid_->addWidget(button, static_cast<int>(index) + 1, 0, Qt::AlignCenter);
}

void CircuitsTable::addKind(std::size_t index) {
  auto* box = new QComboBox(this);
  box->setObjectName(circuitBoxName(index, QStringLiteral("kind")));
  box->setProperty("tight", true);
  box->setMinimumWidth(92);
  box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
  for (const auto& name : circuit::kSensorKindNames) {
    box->addItem(q(sayName(name)));
  }
  const auto show = [this, box, index] {
    const QSignalBlocker quiet(box);
    if (index < model_.job().circuits.size()) {
      box->setCurrentIndex(static_cast<int>(model_.job().circuits[index].sensor.kind));
    }
  };
  connect(box, &QComboBox::activated, this, [this, index](int kind) {
    model_.change(tr("sensor kind"), [&](job::Case& c) {
      if (index < c.circuits.size()) {
        c.circuits[index].sensor.kind = static_cast<circuit::SensorKind>(kind);
      }
    });
  });
  connect(&model_, &JobModel::changed, box, show);
  show();
  grid_->addWidget(box, static_cast<int>(index) + 1, 3);
}

void CircuitsTable::addText(std::size_t index, int column, const QString& name, int width,
                            const Read& read, const Write& write) {
  auto* edit = new QLineEdit(this);
  edit->setMinimumWidth(width);
  edit->setProperty("tight", true);
  const auto readAt = [index, read](const job::Case& c) {
    return index < c.circuits.size() ? read(c.circuits[index]) : std::string();
  };
  const auto writeAt = [index, write](job::Case& c, const std::string& text) -> Status {
    return index < c.circuits.size() ? write(c, c.circuits[index], text) : Status(Done{});
  };
  bind(edit, model_, {circuitBoxName(index, name), name, readAt, writeAt},
       [this](const QString& bad) {
         if (!bad.isEmpty()) {
           emit model_.said(bad, true);
         }
       });
  grid_->addWidget(edit, static_cast<int>(index) + 1, column);
}

}  // namespace haybale::app
