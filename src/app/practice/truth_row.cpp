#include "app/practice/truth_row.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QLineEdit>
#include <algorithm>

#include "app/style/words.h"
#include "core/practice/truth_words.h"
#include "core/units/quantity.h"

namespace haybale::app {

namespace {

const QString kNothing = QStringLiteral("-");  // data of the entry that chooses nothing

QString numberText(double value) {
  return QString::number(value, 'g', 6);
}

constexpr double kCleanBreakOhm = 1e15;
constexpr double kLooksCleanOhm = 1e12;

QString degreeText(const practice::TruthChoice& c, double value) {
  return c.share                   ? numberText(value)
         : value >= kLooksCleanOhm ? QStringLiteral("OL")
                                   : q(units::format(value, units::Unit::ohm, 2));
}

}  // namespace

TruthRow::TruthRow(const char* name, const QString& spoken, bool mayBeNone, QWidget* parent)
    : QWidget(parent), mayBeNone_(mayBeNone) {
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(6);
  const auto box = [&](const char* part, const QString& what, int stretch) {
    auto* out = new QComboBox(this);
    out->setObjectName(QLatin1String(name) + QLatin1Char('.') + QLatin1String(part));
    out->setAccessibleName(spoken + QStringLiteral(": ") + what);
    out->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    out->setMinimumContentsLength(5);
    row->addWidget(out, stretch);
    return out;
  };
  element_ = box("element", tr("where"), 3);
  fault_ = box("fault", tr("what"), 5);
  wire_ = box("wire", tr("wire"), 2);
  severity_ = new QLineEdit(this);
  severity_->setObjectName(QLatin1String(name) + QStringLiteral(".severity"));
  severity_->setAccessibleName(spoken + QStringLiteral(": ") + tr("how much"));
  row->addWidget(severity_, 2);
  connect(element_, &QComboBox::currentIndexChanged, this, [this] {
    fillFaults();
    emit changed();
  });
  connect(fault_, &QComboBox::currentIndexChanged, this, [this] {
    fillWires();
    emit changed();
  });
  connect(wire_, &QComboBox::currentIndexChanged, this, &TruthRow::changed);
  connect(severity_, &QLineEdit::editingFinished, this, &TruthRow::changed);
}

void TruthRow::setChoices(std::vector<practice::TruthChoice> choices) {
  const auto was = truth();
  choices_ = std::move(choices);
  {
    const QSignalBlocker quiet(element_);
    element_->clear();
    if (mayBeNone_) {
      element_->addItem(tr("nothing more"), kNothing);
    }
    for (const auto& c : choices_) {
      const QString id = q(c.element);
      if (element_->findData(id) < 0) {
        element_->addItem(id.isEmpty() ? tr("the vehicle") : id, id);
      }
    }
  }
  fillFaults();
  setTruth(was);
}

void TruthRow::fillFaults() {
  const QString was = fault_->currentData().toString();
  const std::string element = element_->currentData().toString().toStdString();
  {
    const QSignalBlocker quiet(fault_);
    fault_->clear();
    for (const auto& c : choices_) {
      if (c.element == element && element_->currentData() != kNothing) {
        fault_->addItem(q(practice::faultInWords(c.fault)), q(c.fault));
      }
    }
    fault_->setCurrentIndex(std::max(0, fault_->findData(was)));
  }
  fault_->setEnabled(fault_->count() > 0);
  fillWires();
}

void TruthRow::fillWires() {
  const auto* c = choice();
  const QString was = wire_->currentData().toString();
  const QSignalBlocker quiet(wire_);
  wire_->clear();
  for (const auto& wire : c ? c->wires : std::vector<std::string>{}) {
    wire_->addItem(tr("wire %1").arg(q(wire)), q(wire));
  }
  wire_->setCurrentIndex(std::max(0, wire_->findData(was)));
  wire_->setEnabled(wire_->count() > 0);
  const bool graded = c && c->least != c->most;
  severity_->setEnabled(graded);
  if (!graded) {
    severity_->clear();
  }
  severity_->setPlaceholderText(graded ? degreeText(*c, c->middle) : QString());
  severity_->setToolTip(
      graded
          ? tr("Ohms in the circuit, or the share of the output that is left: from %1 to %2. "
               "Empty: %3.")
                .arg(degreeText(*c, c->least), degreeText(*c, c->most), degreeText(*c, c->middle))
          : tr("This fault has no degrees."));
}

const practice::TruthChoice* TruthRow::choice() const {
  if (element_->currentData() == kNothing) {
    return nullptr;
  }
  const std::string element = element_->currentData().toString().toStdString();
  const std::string fault = fault_->currentData().toString().toStdString();
  const auto it = std::find_if(choices_.begin(), choices_.end(), [&](const auto& c) {
    return c.element == element && c.fault == fault;
  });
  return it == choices_.end() ? nullptr : &*it;
}

void TruthRow::setTruth(const std::optional<practice::Truth>& truth) {
  const QSignalBlocker quiet(this);
  const int nothing = mayBeNone_ ? element_->findData(kNothing) : 0;
  const int at = truth ? element_->findData(q(truth->element)) : nothing;
  element_->setCurrentIndex(std::max(0, at));
  fillFaults();
  if (truth) {
    fault_->setCurrentIndex(std::max(0, fault_->findData(q(truth->fault))));
    fillWires();
    wire_->setCurrentIndex(std::max(0, wire_->findData(q(truth->wire))));
    severity_->setText(truth->severity && severity_->isEnabled() ? numberText(*truth->severity)
                                                                 : QString());
  }
}

std::optional<practice::Truth> TruthRow::truth() const {
  const auto* c = choice();
  if (!c) {
    return std::nullopt;
  }
  practice::Truth out;
  out.element = c->element;
  out.fault = c->fault;
  out.wire = wire_->currentData().toString().toStdString();
  out.severity = degree();
  return out;
}

std::optional<double> TruthRow::degree() const {
  const auto typed =
      units::parseEntry(severity_->text().trimmed().toStdString(), units::Unit::none);
  if (typed && typed->overload) {
    return kCleanBreakOhm;
  }
  const bool fits = typed && typed->value >= 0 && typed->value <= kCleanBreakOhm;
  return fits ? std::optional(typed->value) : std::nullopt;
}

QString TruthRow::complaint() const {
  return severity_->text().trimmed().isEmpty() || degree()
             ? QString()
             : tr("\"%1\" is no degree of a fault; a number, as 4k7 or 0.3.")
                   .arg(severity_->text());
}

}  // namespace haybale::app
