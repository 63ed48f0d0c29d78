#include "app/intake/limits_form.h"

#include <fmt/format.h>

#include <QComboBox>
#include <QGridLayout>
#include <QLabel>

#include "app/style/words.h"
#include "core/base/say.h"

namespace haybale::app {

using judging::Limit;
using judging::Quantity;

namespace {

const Limit* limitOf(const job::Case& c, Quantity quantity) {
  const auto it = std::find_if(c.limits.begin(), c.limits.end(),
                               [&](const Limit& l) { return l.quantity == quantity; });
  return it == c.limits.end() ? nullptr : &*it;
}

Limit& madeLimit(job::Case& c, Quantity quantity) {
  for (auto& limit : c.limits) {
    if (limit.quantity == quantity) {
      return limit;
    }
  }
  c.limits.emplace_back();
  c.limits.back().quantity = quantity;
  return c.limits.back();
}

Status setNumber(std::optional<double>& field, const std::string& text, units::Unit unit) {
  if (text.empty()) {
    field.reset();
    return Done{};
  }
  const auto entry = units::parseEntry(text, unit);
  if (!entry) {
    return entry.error();
  }
  if (entry->overload) {
    return Error{"limit", std::nullopt, haybale::say("OL is no limit"),
                 haybale::say("type a number, or leave it empty")};
  }
  field = entry->value;
  return Done{};
}

// As one would type it: 20M, 800, 0.1
std::string typedForm(const std::optional<double>& value, units::Unit unit) {
  if (!value) {
    return {};
  }
  if (unit == units::Unit::ohm && *value >= 1e6) {
    return fmt::format("{:g}M", *value / 1e6);
  }
  return unit == units::Unit::ohm && *value >= 10e3 ? fmt::format("{:g}k", *value / 1e3)
                                                    : fmt::format("{:g}", *value);
}

QString limitBoxName(Quantity quantity, const char* field) {
  return QStringLiteral("intake.limit%1.%2")
      .arg(static_cast<int>(quantity))
      .arg(QLatin1String(field));
}

}  // namespace

LimitsForm::LimitsForm(JobModel& model, QWidget* parent)
    : QWidget(parent), model_(model), grid_(new QGridLayout(this)) {
  grid_->setContentsMargins(0, 0, 0, 0);
  grid_->setSpacing(5);
  int column = 0;
  for (const auto& text : {QString(), tr("at least"), tr("at most"), tr("from")}) {
    auto* label = new QLabel(text, this);
    label->setProperty("faint", true);
    grid_->addWidget(label, 0, column++);
  }
  int row = 1;
  for (const auto quantity :
       {Quantity::coilResistance, Quantity::wireInsulation, Quantity::acOutput}) {
    addRow(row, quantity);
    row += 2;
  }
  grid_->setColumnStretch(3, 1);
}

void LimitsForm::addRow(int row, Quantity quantity) {
  grid_->addWidget(new QLabel(q(fmt::format("{}, {}", spoken(quantity),
                                            units::symbol(judging::unitOf(quantity)))),
                              this),
                   row, 0);
  addEnd(row, 1, quantity, QStringLiteral("min"), &Limit::min);
  addEnd(row, 2, quantity, QStringLiteral("max"), &Limit::max);
  addProvenance(row, quantity);
  addSource(row + 1, quantity);  // a line of its own: a source with its date is long
}

void LimitsForm::addEnd(int row, int column, Quantity quantity, const QString& name,
                        std::optional<double> Limit::*end) {
  const auto unit = judging::unitOf(quantity);
  auto* edit = new QLineEdit(this);
  edit->setProperty("tight", true);
  edit->setMinimumWidth(66);
  const auto read = [quantity, end, unit](const job::Case& c) {
    const Limit* limit = limitOf(c, quantity);
    return limit ? typedForm(limit->*end, unit) : std::string();
  };
  const auto write = [quantity, end, unit](job::Case& c, const std::string& text) {
    return setNumber(madeLimit(c, quantity).*end, text, unit);
  };
  bind(edit, model_,
       {limitBoxName(quantity, name.toLatin1().constData()), tr("limit"), read, write},
       [this](const QString& bad) {
         if (!bad.isEmpty()) {
           emit model_.said(bad, true);
         }
       });
  grid_->addWidget(edit, row, column);
}

void LimitsForm::addProvenance(int row, Quantity quantity) {
  auto* box = new QComboBox(this);
  box->setObjectName(limitBoxName(quantity, "from"));
  box->setProperty("tight", true);
  for (std::size_t p = 0; p < judging::kProvenanceNames.size(); ++p) {
    box->addItem(q(spoken(static_cast<judging::Provenance>(p))));
  }
  const auto show = [this, box, quantity] {
    const QSignalBlocker quiet(box);
    if (const Limit* limit = limitOf(model_.job(), quantity)) {
      box->setCurrentIndex(static_cast<int>(limit->provenance));
    }
  };
  connect(box, &QComboBox::activated, this, [this, quantity](int index) {
    model_.change(tr("limit"), [&](job::Case& c) {
      madeLimit(c, quantity).provenance = static_cast<judging::Provenance>(index);
    });
  });
  connect(&model_, &JobModel::changed, box, show);
  show();
  grid_->addWidget(box, row, 3);
}

void LimitsForm::addSource(int row, Quantity quantity) {
  auto* edit = new QLineEdit(this);
  edit->setProperty("tight", true);
  edit->setPlaceholderText(tr("source and date: a page, a part measured"));
  const auto read = [quantity](const job::Case& c) {
    const Limit* limit = limitOf(c, quantity);
    return limit ? limit->source : std::string();
  };
  const auto write = [quantity](job::Case& c, const std::string& text) -> Status {
    madeLimit(c, quantity).source = text;
    return Done{};
  };
  bind(edit, model_, {limitBoxName(quantity, "source"), tr("limit"), read, write});
  grid_->addWidget(edit, row, 1, 1, 3);
}

}  // namespace haybale::app
