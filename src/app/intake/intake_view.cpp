#include "app/intake/intake_view.h"

#include <fmt/format.h>

#include <QCheckBox>
#include <QComboBox>
#include <QFormLayout>
#include <QGridLayout>
#include <QLabel>
#include <QPushButton>
#include <QRadioButton>
#include <QScrollArea>
#include <QVBoxLayout>

#include "core/sensing/tyre.h"

namespace haybale::app {

namespace {

QString q(const std::string& text) {
  return QString::fromStdString(text);
}

Status keep(std::string& field, const std::string& text) {
  field = text;
  return Done{};
}

QLabel* head(const QString& text, QWidget* parent) {
  auto* label = new QLabel(text, parent);
  label->setProperty("sub", true);
  return label;
}

// Reads a number or nothing at all.
Status optionalNumber(std::optional<double>& field, const std::string& text, units::Unit unit) {
  if (text.empty()) {
    field.reset();
    return Done{};
  }
  const auto entry = units::parseEntry(text, unit);
  if (!entry || entry->overload) {
    return entry ? Error{"", std::nullopt, "OL is no limit", "type a number, or leave it empty"}
                 : entry.error();
  }
  field = entry->value;
  return Done{};
}

std::string shortNumber(const std::optional<double>& value, units::Unit unit) {
  if (!value) {
    return {};
  }
  const double v = *value;
  if (unit == units::Unit::ohm && v >= 1e6) {
    return fmt::format("{:g}M", v / 1e6);
  }
  return unit == units::Unit::ohm && v >= 10e3 ? fmt::format("{:g}k", v / 1e3)
                                               : fmt::format("{:g}", v);
}

}  // namespace

IntakeView::IntakeView(JobModel& model, QWidget* parent) : QWidget(parent), model_(model) {
  setObjectName(QStringLiteral("page"));
  setAttribute(Qt::WA_StyledBackground);
  auto* columns = new QHBoxLayout(this);
  columns->setContentsMargins(16, 8, 16, 10);
  columns->setSpacing(18);
  auto* left = new QVBoxLayout;
  left->addWidget(jobPart());
  left->addWidget(complaintPart());
  left->addWidget(toolsPart());
  left->addStretch();
  auto* right = new QVBoxLayout;
  right->addWidget(circuitsPart());
  right->addWidget(limitsPart());
  right->addStretch();
  columns->addLayout(left, 3);
  columns->addLayout(right, 5);
  connect(&model_, &JobModel::changed, this, &IntakeView::refresh);
  refresh();
}

QWidget* IntakeView::jobPart() {
  auto* part = new QWidget(this);
  auto* form = new QFormLayout(part);
  form->setContentsMargins(0, 0, 0, 0);
  form->addRow(head(tr("The vehicle"), part));
  auto* title = new QLineEdit(part);
  bind(title, model_,
       {QStringLiteral("intake.title"), tr("title"), [](const job::Case& c) { return c.title; },
        [](job::Case& c, const std::string& t) { return keep(c.title, t); }});
  auto* vehicle = new QLineEdit(part);
  bind(vehicle, model_,
       {QStringLiteral("intake.vehicle"), tr("vehicle"),
        [](const job::Case& c) { return c.vehicle; },
        [](job::Case& c, const std::string& t) { return keep(c.vehicle, t); }});
  auto* tyre = new QLineEdit(part);
  tyre->setPlaceholderText(QStringLiteral("205/55R16"));
  tyreNote_ = new QLabel(part);
  tyreNote_->setProperty("faint", true);
  tyreNote_->setWordWrap(true);
  tyreNote_->setObjectName(QStringLiteral("intake.tyre.note"));
  bind(tyre, model_,
       {QStringLiteral("intake.tyre"), tr("tyre"), [](const job::Case& c) { return c.tyre; },
        [](job::Case& c, const std::string& t) -> Status {
          if (!t.empty()) {
            if (const auto size = sensing::parseTyre(t); !size) {
              return size.error();
            }
          }
          return keep(c.tyre, t);
        }},
       [this](const QString& bad) {
         if (!bad.isEmpty()) {
           tyreNote_->setText(bad);
         }
       });
  form->addRow(tr("Job"), title);
  form->addRow(tr("Vehicle"), vehicle);
  form->addRow(tr("Tyre"), tyre);
  form->addRow(QString(), tyreNote_);
  return part;
}

QCheckBox* IntakeView::listBox(const QString& text, const std::string& name,
                               std::vector<std::string> job::Case::*list, const QString& what) {
  auto* box = new QCheckBox(text, this);
  const auto show = [this, box, name, list] {
    const auto& names = model_.job().*list;
    const QSignalBlocker quiet(box);
    box->setChecked(std::find(names.begin(), names.end(), name) != names.end());
  };
  connect(box, &QCheckBox::toggled, this, [this, name, list, what](bool on) {
    model_.change(what, [&](job::Case& c) {
      std::erase(c.*list, name);
      if (on) {
        (c.*list).push_back(name);
      }
    });
  });
  connect(&model_, &JobModel::changed, box, show);
  show();
  return box;
}

QWidget* IntakeView::complaintPart() {
  auto* part = new QWidget(this);
  auto* column = new QVBoxLayout(part);
  column->setContentsMargins(0, 8, 0, 0);
  column->addWidget(head(tr("The complaint"), part));
  auto* text = new QPlainTextEdit(part);
  text->setFixedHeight(92);
  text->setPlaceholderText(
      tr("Which lamps, since when, where, in what weather, who repaired what before"));
  bind(text, model_,
       {QStringLiteral("intake.complaint"), tr("complaint"),
        [](const job::Case& c) { return c.complaint.text; },
        [](job::Case& c, const std::string& t) { return keep(c.complaint.text, t); }});
  column->addWidget(text);
  auto* grid = new QGridLayout;
  grid->setHorizontalSpacing(10);
  int index = 0;
  for (const auto& name : job::kWhenNames) {
    const std::string key(name);
    auto* box = new QCheckBox(q(key).replace(QLatin1Char('-'), QLatin1Char(' ')), part);
    box->setObjectName(QStringLiteral("intake.when.") + q(key));
    const auto show = [this, box, key] {
      const auto& when = model_.job().complaint.when;
      const QSignalBlocker quiet(box);
      box->setChecked(std::find(when.begin(), when.end(), key) != when.end());
    };
    connect(box, &QCheckBox::toggled, this, [this, key](bool on) {
      model_.change(tr("when it occurs"), [&](job::Case& c) {
        std::erase(c.complaint.when, key);
        if (on) {
          c.complaint.when.push_back(key);
        }
      });
    });
    connect(&model_, &JobModel::changed, box, show);
    show();
    grid->addWidget(box, index / 3, index % 3);
    ++index;
  }
  column->addLayout(grid);
  auto* repairs = new QLabel(tr("Repaired before, on the circuit in question"), part);
  repairs->setProperty("faint", true);
  column->addWidget(repairs);
  repairsBox_ = new QWidget(part);
  new QHBoxLayout(repairsBox_);
  repairsBox_->layout()->setContentsMargins(0, 0, 0, 0);
  column->addWidget(repairsBox_);
  return part;
}

QWidget* IntakeView::toolsPart() {
  auto* part = new QWidget(this);
  auto* grid = new QGridLayout(part);
  grid->setContentsMargins(0, 8, 0, 0);
  grid->addWidget(head(tr("The tool box"), part), 0, 0, 1, 3);
  int index = 0;
  for (const auto& name : job::kToolNames) {
    const std::string key(name);
    auto* box = listBox(q(key).replace(QLatin1Char('-'), QLatin1Char(' ')), key,
                        &job::Case::toolbox, tr("tool box"));
    box->setObjectName(QStringLiteral("intake.tool.") + q(key));
    grid->addWidget(box, 1 + index / 3, index % 3);
    ++index;
  }
  return part;
}

QWidget* IntakeView::circuitsPart() {
  auto* part = new QWidget(this);
  auto* column = new QVBoxLayout(part);
  column->setContentsMargins(0, 0, 0, 0);
  auto* top = new QHBoxLayout;
  top->addWidget(head(tr("The circuits"), part), 1);
  auto* add = new QPushButton(tr("Add a circuit"), part);
  add->setObjectName(QStringLiteral("intake.addCircuit"));
  connect(add, &QPushButton::clicked, this, [this] {
    model_.change(tr("add a circuit"), [](job::Case& c) {
      int number = static_cast<int>(c.circuits.size()) + 1;
      while (c.find("S" + std::to_string(number))) {
        ++number;
      }
      auto circuit = circuit::typicalCircuit("S" + std::to_string(number), "");
      circuit.sensor.kind = circuit::SensorKind::passive;
      c.circuits.push_back(circuit);
    });
  });
  top->addWidget(add);
  column->addLayout(top);
  circuitsBox_ = new QWidget(part);
  circuits_ = new QGridLayout(circuitsBox_);
  circuits_->setContentsMargins(0, 0, 0, 0);
  circuits_->setSpacing(5);
  auto* area = new QScrollArea(part);
  area->setFrameShape(QFrame::NoFrame);
  area->setWidgetResizable(true);
  area->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  area->setWidget(circuitsBox_);
  area->setMinimumHeight(232);
  column->addWidget(area);
  return part;
}

void IntakeView::rebuildCircuits() {
  QString key;
  for (const auto& c : model_.job().circuits) {
    key += q(c.name) + QLatin1Char('\n');
  }
  key += q(model_.job().suspect);
  if (key == circuitsShown_) {
    return;
  }
  circuitsShown_ = key;
  while (auto* item = circuits_->takeAt(0)) {
    if (item->widget()) {
      // The widget may be the sender of the change that brought us here.
      item->widget()->hide();
      item->widget()->deleteLater();
    }
    delete item;
  }
  const QString heads[] = {tr("suspect"), tr("name"),   tr("where"), tr("sensor"),
                           tr("teeth"),   tr("wire a"), tr("wire b")};
  for (int i = 0; i < 7; ++i) {
    auto* label = new QLabel(heads[i], circuitsBox_);
    label->setProperty("faint", true);
    circuits_->addWidget(label, 0, i);
  }
  for (std::size_t i = 0; i < model_.job().circuits.size(); ++i) {
    const int row = static_cast<int>(i) + 1;
    const QString prefix = QStringLiteral("intake.circuit%1.").arg(i);
    const auto inside = [i](const job::Case& c) { return i < c.circuits.size(); };
    auto* suspect = new QRadioButton(circuitsBox_);
    suspect->setObjectName(prefix + QStringLiteral("suspect"));
    suspect->setChecked(model_.job().circuits[i].name == model_.job().suspect);
    connect(suspect, &QRadioButton::clicked, this, [this, i, inside] {
      model_.change(tr("circuit in question"), [&](job::Case& c) {
        if (inside(c)) {
          c.suspect = c.circuits[i].name;
        }
      });
      model_.selectCircuit(q(model_.job().suspect));
    });
    circuits_->addWidget(suspect, row, 0, Qt::AlignCenter);
    const auto text =
        [&](int column, const QString& name, int width,
            std::function<std::string(const circuit::Circuit&)> read,
            std::function<Status(job::Case&, circuit::Circuit&, const std::string&)> write) {
          auto* edit = new QLineEdit(circuitsBox_);
          edit->setMinimumWidth(width);
          edit->setProperty("tight", true);
          bind(edit, model_,
               {prefix + name, name,
                [i, inside, read](const job::Case& c) {
                  return inside(c) ? read(c.circuits[i]) : std::string();
                },
                [i, inside, write](job::Case& c, const std::string& t) -> Status {
                  return inside(c) ? write(c, c.circuits[i], t) : Status(Done{});
                }},
               [this](const QString& bad) {
                 if (!bad.isEmpty()) {
                   emit model_.said(bad, true);
                 }
               });
          circuits_->addWidget(edit, row, column);
        };
    text(
        1, QStringLiteral("name"), 46, [](const auto& c) { return c.name; },
        [](job::Case& c, circuit::Circuit& own, const std::string& t) -> Status {
          if (t.empty() || (c.find(t) && c.find(t) != &own)) {
            return Error{"circuit", std::nullopt,
                         t.empty() ? "a circuit needs a name" : "\"" + t + "\" is taken",
                         "a short name of its own, as RR"};
          }
          for (auto& e : c.evidence) {
            e.test.circuit = e.test.circuit == own.name ? t : e.test.circuit;
          }
          c.suspect = c.suspect == own.name ? t : c.suspect;
          return keep(own.name, t);
        });
    text(
        2, QStringLiteral("where"), 86, [](const auto& c) { return c.location; },
        [](job::Case&, circuit::Circuit& own, const std::string& t) {
          return keep(own.location, t);
        });
    auto* kind = new QComboBox(circuitsBox_);
    kind->setObjectName(prefix + QStringLiteral("kind"));
    kind->setProperty("tight", true);
    kind->setMinimumWidth(92);
    kind->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    for (const auto& name : circuit::kSensorKindNames) {
      kind->addItem(q(std::string(name)));
    }
    const auto showKind = [this, kind, i, inside] {
      const QSignalBlocker quiet(kind);
      if (inside(model_.job())) {
        kind->setCurrentIndex(static_cast<int>(model_.job().circuits[i].sensor.kind));
      }
    };
    connect(kind, &QComboBox::activated, this, [this, i, inside](int index) {
      model_.change(tr("sensor kind"), [&](job::Case& c) {
        if (inside(c)) {
          c.circuits[i].sensor.kind = static_cast<circuit::SensorKind>(index);
        }
      });
    });
    connect(&model_, &JobModel::changed, kind, showKind);
    showKind();
    circuits_->addWidget(kind, row, 3);
    text(
        4, QStringLiteral("teeth"), 44,
        [](const auto& c) {
          return c.sensor.teeth ? std::to_string(*c.sensor.teeth) : std::string();
        },
        [](job::Case&, circuit::Circuit& own, const std::string& t) -> Status {
          if (t.empty()) {
            own.sensor.teeth.reset();
            return Done{};
          }
          const auto entry = units::parseEntry(t, units::Unit::none);
          if (!entry || entry->overload || entry->value < 4 || entry->value > 2000) {
            return Error{"teeth", std::nullopt, "\"" + t + "\" is no number of teeth",
                         "a whole number, usually 29 to 100"};
          }
          own.sensor.teeth = static_cast<int>(std::lround(entry->value));
          return Done{};
        });
    for (std::size_t w = 0; w < 2; ++w) {
      text(
          5 + static_cast<int>(w), QStringLiteral("wire%1").arg(w), 64,
          [w](const auto& c) { return c.wires[w].colour; },
          [w](job::Case&, circuit::Circuit& own, const std::string& t) {
            return keep(own.wires[w].colour, t);
          });
    }
  }
  circuits_->setRowStretch(static_cast<int>(model_.job().circuits.size()) + 1, 1);
}

void IntakeView::rebuildRepairs() {
  const auto* suspect = model_.job().suspectCircuit();
  QString key;
  for (const auto& e : suspect ? suspect->path : std::vector<circuit::Element>{}) {
    key += q(e.id) + QLatin1Char('\n');
  }
  if (key == repairsShown_) {
    return;
  }
  repairsShown_ = key;
  while (auto* item = repairsBox_->layout()->takeAt(0)) {
    delete item->widget();
    delete item;
  }
  for (const auto& e : suspect ? suspect->path : std::vector<circuit::Element>{}) {
    if (e.kind == circuit::ElementKind::ring || e.kind == circuit::ElementKind::module) {
      continue;
    }
    auto* box = new QCheckBox(q(e.id), repairsBox_);
    box->setObjectName(QStringLiteral("intake.repair.") + q(e.id));
    const auto show = [this, box, id = e.id] {
      const auto& list = model_.job().complaint.earlierRepair;
      const QSignalBlocker quiet(box);
      box->setChecked(std::find(list.begin(), list.end(), id) != list.end());
    };
    connect(box, &QCheckBox::toggled, this, [this, id = e.id](bool on) {
      model_.change(tr("earlier repair"), [&](job::Case& c) {
        std::erase(c.complaint.earlierRepair, id);
        if (on) {
          c.complaint.earlierRepair.push_back(id);
        }
      });
    });
    connect(&model_, &JobModel::changed, box, show);
    show();
    repairsBox_->layout()->addWidget(box);
  }
}

QWidget* IntakeView::limitsPart() {
  auto* part = new QWidget(this);
  auto* grid = new QGridLayout(part);
  grid->setContentsMargins(0, 8, 0, 0);
  grid->setSpacing(5);
  grid->addWidget(head(tr("The limits"), part), 0, 0, 1, 4);
  auto* note =
      new QLabel(tr("The vehicle's own service information overrides common practice."), part);
  note->setProperty("faint", true);
  grid->addWidget(note, 1, 0, 1, 5);
  const QString heads[] = {QString(), tr("at least"), tr("at most"), tr("from"),
                           tr("source, date")};
  for (int i = 0; i < 5; ++i) {
    auto* label = new QLabel(heads[i], part);
    label->setProperty("faint", true);
    grid->addWidget(label, 2, i);
  }
  int row = 3;
  for (const auto quantity : {judging::Quantity::coilResistance, judging::Quantity::wireInsulation,
                              judging::Quantity::acOutput}) {
    const auto unit = judging::unitOf(quantity);
    const auto of = [quantity](auto& c) {
      auto it = std::find_if(c.limits.begin(), c.limits.end(),
                             [&](const judging::Limit& l) { return l.quantity == quantity; });
      return it == c.limits.end() ? nullptr : &*it;
    };
    const auto make = [of, quantity](job::Case& c) -> judging::Limit& {
      if (auto* found = of(c)) {
        return *found;
      }
      c.limits.push_back({});
      c.limits.back().quantity = quantity;
      return c.limits.back();
    };
    const QString prefix = QStringLiteral("intake.limit%1.").arg(static_cast<int>(quantity));
    grid->addWidget(
        new QLabel(q(fmt::format("{}, {}", spoken(quantity), units::symbol(unit))), part), row, 0);
    const auto bad = [this](const QString& sentence) {
      if (!sentence.isEmpty()) {
        emit model_.said(sentence, true);
      }
    };
    const std::pair<QString, std::optional<double> judging::Limit::*> ends[] = {
        {QStringLiteral("min"), &judging::Limit::min},
        {QStringLiteral("max"), &judging::Limit::max}};
    for (int i = 0; i < 2; ++i) {
      auto* edit = new QLineEdit(part);
      edit->setProperty("tight", true);
      edit->setMinimumWidth(66);
      const auto member = ends[i].second;
      bind(edit, model_,
           {prefix + ends[i].first, tr("limit"),
            [of, member, unit](const job::Case& c) {
              const auto* l = of(c);
              return l ? shortNumber(l->*member, unit) : std::string();
            },
            [make, member, unit](job::Case& c, const std::string& t) {
              return optionalNumber(make(c).*member, t, unit);
            }},
           bad);
      grid->addWidget(edit, row, 1 + i);
    }
    auto* from = new QComboBox(part);
    from->setObjectName(prefix + QStringLiteral("from"));
    from->setProperty("tight", true);
    for (std::size_t p = 0; p < judging::kProvenanceNames.size(); ++p) {
      from->addItem(q(std::string(judging::spoken(static_cast<judging::Provenance>(p)))));
    }
    const auto show = [this, from, of] {
      const QSignalBlocker quiet(from);
      if (const auto* l = of(model_.job())) {
        from->setCurrentIndex(static_cast<int>(l->provenance));
      }
    };
    connect(from, &QComboBox::activated, this, [this, make](int index) {
      model_.change(tr("limit"), [&](job::Case& c) {
        make(c).provenance = static_cast<judging::Provenance>(index);
      });
    });
    connect(&model_, &JobModel::changed, from, show);
    show();
    grid->addWidget(from, row, 3);
    auto* source = new QLineEdit(part);
    source->setProperty("tight", true);
    bind(source, model_,
         {prefix + QStringLiteral("source"), tr("limit"),
          [of](const job::Case& c) {
            const auto* l = of(c);
            return l ? l->source : std::string();
          },
          [make](job::Case& c, const std::string& t) { return keep(make(c).source, t); }});
    grid->addWidget(source, row, 4);
    grid->setColumnStretch(4, 1);
    ++row;
  }
  return part;
}

void IntakeView::refresh() {
  const auto circumference = model_.job().rollingCircumferenceM();
  tyreNote_->setText(circumference
                         ? q(fmt::format("rolls {:.3f} m a turn (3.05 x diameter)", *circumference))
                         : tr("gives road speed from the teeth"));
  rebuildCircuits();
  rebuildRepairs();
}

}  // namespace haybale::app
