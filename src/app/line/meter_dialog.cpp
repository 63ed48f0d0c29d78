#include "app/line/meter_dialog.h"

#include <fmt/format.h>

#include <QComboBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>

#include "app/model/known_meters.h"
#include "app/model/preferences.h"
#include "app/style/words.h"
#include "core/base/say.h"
#include "core/units/quantity.h"

namespace haybale::app {

using circuit::Meter;

namespace {

std::string accuracyText(const judging::Accuracy& a) {
  return fmt::format("{:g} + {:g}", a.percent, a.counts);
}

// "0.5 + 2": percent of the reading and counts of the last digit.
Result<judging::Accuracy> parseAccuracy(const QString& text) {
  const auto parts = text.split(QLatin1Char('+'));
  const auto percent = units::parseEntry(
      parts.value(0).remove(QLatin1Char('%')).trimmed().toStdString(), units::Unit::none);
  const auto counts = units::parseEntry(parts.value(1, QStringLiteral("0")).trimmed().toStdString(),
                                        units::Unit::none);
  if (parts.size() > 2 || !percent || !counts || percent->value < 0 || percent->value > 100 ||
      counts->value < 0) {
    return Error{"accuracy", std::nullopt, "\"" + text.toStdString() + say("\" is no accuracy"),
                 say("percent and counts, as 0.5 + 2")};
  }
  return judging::Accuracy{percent->value, counts->value};
}

Result<double> parseOhm(const QString& text, double low, double high) {
  const auto entry = units::parseEntry(text.toStdString(), units::Unit::ohm);
  if (!entry) {
    return entry.error();
  }
  if (entry->overload || entry->value < low || entry->value > high) {
    return Error{"meter", std::nullopt, "\"" + text.toStdString() + say("\" does not fit here"),
                 sayf("{} to {}", units::format(low, units::Unit::ohm, 2),
                      units::format(high, units::Unit::ohm, 2))};
  }
  return entry->value;
}

std::string ohmText(double ohm) {
  return ohm >= 1e6 ? fmt::format("{:g}M", ohm / 1e6) : fmt::format("{:g}", ohm);
}

}  // namespace

MeterDialog::MeterDialog(const Meter& meter, QWidget* parent)
    : QDialog(parent),
      meter_(meter),
      known_(ownedFirst(preferences().ownedMeters)),
      choice_(new QComboBox(this)) {
  setObjectName(QStringLiteral("meterDialog"));
  setWindowTitle(tr("The meter"));
  auto* form = new QFormLayout(this);
  form->setContentsMargins(22, 18, 22, 18);
  form->setVerticalSpacing(8);
  choice_->setObjectName(QStringLiteral("meter.choice"));
  choice_->addItem(tr("as it is"));
  for (const auto& m : known_) {
    choice_->addItem(q(m.name));
  }
  connect(choice_, &QComboBox::activated, this, [this](int i) {
    if (i > 0) {
      show(known_[static_cast<std::size_t>(i) - 1]);
    }
  });
  form->addRow(tr("Start from"), choice_);
  name_ = number(form, QStringLiteral("name"), tr("Name"));
  input_ = number(form, QStringLiteral("input"), tr("Input on volts, \u03A9"));
  top_ = number(form, QStringLiteral("top"), tr("Highest ohms range, \u03A9"));
  leads_ = number(form, QStringLiteral("leads"), tr("Both leads, \u03A9 (0: zeroed)"));
  dc_ = number(form, QStringLiteral("dc"), tr("DC volts, % + counts"));
  ohm_ = number(form, QStringLiteral("ohm"), tr("Ohms, % + counts"));
  ac_ = number(form, QStringLiteral("ac"), tr("AC volts, % + counts"));
  error_ = new QLabel(this);
  error_->setProperty("bad", true);
  error_->setWordWrap(true);
  form->addRow(error_);
  auto* keys = new QHBoxLayout;
  auto* cancel = new QPushButton(tr("Cancel"), this);
  auto* use = new QPushButton(tr("Use this meter"), this);
  use->setObjectName(QStringLiteral("meter.use"));
  use->setProperty("main", true);
  use->setDefault(true);
  keys->addStretch();
  keys->addWidget(cancel);
  keys->addWidget(use);
  form->addRow(keys);
  connect(cancel, &QPushButton::clicked, this, &QDialog::reject);
  connect(use, &QPushButton::clicked, this, &MeterDialog::finish);
  resize(480, 10);
  show(meter);
}

QLineEdit* MeterDialog::number(QFormLayout* form, const QString& name, const QString& label) {
  auto* edit = new QLineEdit(this);
  edit->setObjectName(QStringLiteral("meter.") + name);
  form->addRow(label, edit);
  return edit;
}

void MeterDialog::show(const Meter& m) {
  meter_ = m;
  name_->setText(q(m.name));
  input_->setText(q(ohmText(m.inputOhm)));
  top_->setText(q(ohmText(m.topOhm())));
  leads_->setText(q(ohmText(m.zeroed ? 0 : m.leadOhm)));
  dc_->setText(q(accuracyText(m.dc)));
  ohm_->setText(q(accuracyText(m.ohm)));
  ac_->setText(q(accuracyText(m.ac)));
}

void MeterDialog::finish() {
  Meter m = meter_;
  m.name = name_->text().trimmed().toStdString();
  const auto input = parseOhm(input_->text(), 1e3, 1e12);
  const auto top = parseOhm(top_->text(), 1e3, 1e12);
  const auto leads = parseOhm(leads_->text(), 0, 100);
  const auto dc = parseAccuracy(dc_->text());
  const auto ohm = parseAccuracy(ohm_->text());
  const auto ac = parseAccuracy(ac_->text());
  for (const auto* each : {&input, &top, &leads}) {
    if (!*each) {
      error_->setText(q(each->error().sentence()));
      return;
    }
  }
  for (const auto* each : {&dc, &ohm, &ac}) {
    if (!*each) {
      error_->setText(q(each->error().sentence()));
      return;
    }
  }
  m.inputOhm = *input;
  if (*top != m.topOhm()) {
    m.ohmRanges = circuit::decadeRanges(*top, m.ohmRanges.empty() ? 1.2 : m.ohmRanges[0].sourceV);
  }
  m.zeroed = *leads == 0;
  m.leadOhm = m.zeroed ? m.leadOhm : *leads;
  m.dc = *dc;
  m.ohm = *ohm;
  m.ac = *ac;
  meter_ = m;
  accept();
}

}  // namespace haybale::app
