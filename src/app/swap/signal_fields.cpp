#include "app/swap/signal_fields.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QGridLayout>
#include <QLabel>
#include <algorithm>

#include "app/style/form.h"
#include "app/style/labels.h"
#include "core/base/say.h"
#include "core/signal/load_box.h"
#include "core/units/quantity.h"

namespace haybale::app {

QDoubleSpinBox* numberWithUnit(QWidget* parent, const char* name, double low, double high,
                               double value, int decimals, const QString& unit) {
  auto* box = new QDoubleSpinBox(parent);
  box->setObjectName(QString::fromLatin1(name));
  box->setRange(low, high);
  box->setDecimals(decimals);
  box->setValue(value);
  box->setSuffix(QLatin1Char(' ') + unit);
  box->setFixedWidth(170);
  box->setButtonSymbols(QAbstractSpinBox::NoButtons);
  return box;
}

SignalFields::SignalFields(QWidget* parent) : QWidget(parent) {
  // Not a form layout: with rows hidden and texts that wrap, Qt 6.4's writes beyond its tables.
  auto* form = new QGridLayout(this);
  form->setContentsMargins(0, 0, 0, 0);
  form->setVerticalSpacing(6);
  form->setColumnStretch(1, 1);
  place_ = new QComboBox(this);
  place_->setObjectName(QStringLiteral("inject.place"));
  const QString speedUnit = q(units::shownSymbol(units::Unit::kmh));
  kmh_ = numberWithUnit(this, "inject.kmh", 1, 250, 20, 1, speedUnit);
  volts_ = numberWithUnit(this, "inject.volts", 0.1, 5, 2, 2, tr("V p-p"));
  supply_ = numberWithUnit(this, "inject.supply", 4, 16, 12, 1, tr("V unplugged"));
  sense_ = numberWithUnit(this, "inject.sense", 0, 1000, 100, 0, tr("\u03a9 sense"));
  fullScale_ = numberWithUnit(this, "inject.fullScale", 0.1, 20, 2.8, 2, tr("V p-p, measured"));
  fullScale_->setToolTip(
      tr("What the sound output gives at full scale, at its volume as it stands: "
         "measure it once"));
  settings_ = textLabel(this, nullptr, {}, QStringLiteral("inject.settings"));
  box_ = textLabel(this, nullptr, {}, QStringLiteral("inject.box"));
  place_->setFixedWidth(170);
  addRow(tr("Fed in at"), place_);
  addRow(tr("Road speed"), kmh_);
  addRow(tr("Height"), volts_);
  addRow(tr("Sound gives"), fullScale_);
  addRow(tr("Supply"), supply_);
  addRow(tr("In series"), sense_);
  addRow(tr("Signal"), settings_);
  addRow(tr("Load box"), box_);
  for (QDoubleSpinBox* box : {kmh_, volts_, fullScale_, supply_, sense_}) {
    connect(box, &QDoubleSpinBox::valueChanged, this, &SignalFields::changed);
  }
  connect(place_, &QComboBox::currentIndexChanged, this, &SignalFields::changed);
}

void SignalFields::addRow(const QString& text, QWidget* field) {
  auto* form = static_cast<QGridLayout*>(layout());
  auto* label = new QLabel(text, this);
  label->setBuddy(field);
  labels_[field] = label;
  const int row = form->rowCount();
  form->addWidget(label, row, 0, Qt::AlignRight | Qt::AlignVCenter);
  const bool wraps = qobject_cast<QLabel*>(field) != nullptr;
  form->addWidget(field, row, 1, wraps ? Qt::Alignment{} : Qt::AlignLeft);
}

void SignalFields::setPlaces(const QStringList& elements, const QString& usual) {
  refill(*place_, elements, usual);
}

QString SignalFields::place() const {
  return place_->currentText();
}

double SignalFields::kmh() const {
  return units::fromShown(kmh_->value(), units::Unit::kmh);
}

double SignalFields::peakToPeakV() const {
  return volts_->value();
}

double SignalFields::fullScaleV() const {
  return fullScale_->value();
}

void SignalFields::showSignal(bool coil, double hz) {
  for (const auto& [field, shown] : {std::pair<QWidget*, bool>{volts_, coil},
                                     {fullScale_, coil},
                                     {supply_, !coil},
                                     {sense_, !coil},
                                     {box_, !coil}}) {
    field->setVisible(shown);
    labels_[field]->setVisible(shown);
  }
  settings_->setText(
      coil ? q(sayf("sine, {:.1f} Hz, {:.2f} V p-p, isolated, through about 1 k\u03A9", hz,
                    volts_->value()))
           : q(sayf("7 and 14 mA in turn, {:.1f} times a second", hz)));
  const auto box = signal::loadBox({supply_->value(), 0.1, sense_->value(), 0.007, 0.014, 0.2});
  box_->setText(!box ? q(box.error().sentence())
                     : q(sayf("{} always, {} switched: {:.1f} and {:.1f} mA{}; {:.2f} W",
                              units::format(box->fixedOhm, units::Unit::ohm),
                              units::format(box->switchedOhm, units::Unit::ohm), 1e3 * box->lowA,
                              1e3 * box->highA,
                              box->inBand ? "" : haybale::say(", out of band at the supply's ends"),
                              std::max(box->fixedW, box->switchedW))));
}

}  // namespace haybale::app
