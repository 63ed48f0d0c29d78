#include "app/practice/bench_driver.h"

#include <QCheckBox>
#include <QDoubleSpinBox>
#include <QHBoxLayout>
#include <QVBoxLayout>

#include "app/style/labels.h"
#include "app/style/words.h"
#include "core/units/quantity.h"

namespace haybale::app {

BenchDriver::BenchDriver(PracticeDesk& desk, InstrumentHub& hub, QWidget* parent)
    : QWidget(parent), desk_(desk), hub_(hub) {
  auto* rows = new QVBoxLayout(this);
  rows->setContentsMargins(0, 0, 0, 0);
  rows->setSpacing(4);
  auto* row = new QHBoxLayout;
  wanted_ = new QCheckBox(tr("Drive the module on the bench at"), this);
  wanted_->setObjectName(QStringLiteral("practice.drive"));
  wanted_->setToolTip(
      tr("The signal source gives a module on the bench what this vehicle's line would give it"));
  kmh_ = new QDoubleSpinBox(this);
  kmh_->setObjectName(QStringLiteral("practice.drive.kmh"));
  kmh_->setAccessibleName(tr("Speed at which the module is driven"));
  kmh_->setRange(1, 120);
  kmh_->setDecimals(0);
  kmh_->setValue(20);
  kmh_->setButtonSymbols(QAbstractSpinBox::NoButtons);
  kmh_->setSuffix(QStringLiteral(" km/h"));
  row->addWidget(wanted_);
  row->addWidget(kmh_);
  row->addStretch();
  rows->addLayout(row);
  tells_ = textLabel(this, "caution", {}, QStringLiteral("practice.drive.tells"));
  tells_->hide();
  rows->addWidget(tells_);
  connect(wanted_, &QCheckBox::toggled, this, &BenchDriver::follow);
  connect(kmh_, &QDoubleSpinBox::valueChanged, this, &BenchDriver::follow);
  connect(&desk_, &PracticeDesk::changed, this, &BenchDriver::follow);
  connect(&desk_, &PracticeDesk::ended, this, &BenchDriver::off);
  connect(&hub_, &InstrumentHub::changed, this, &BenchDriver::follow);
  // Switched off by somebody else: it does not come on again by the next move.
  connect(&hub_, &InstrumentHub::generatorRuns, this, [this](bool on) {
    if (!on && running_) {
      running_ = false;
      wanted_->setChecked(false);
    }
  });
  follow();
}

void BenchDriver::hideEvent(QHideEvent* event) {
  off();
  QWidget::hideEvent(event);
}

void BenchDriver::follow() {
  const bool source = hub_.connected(Instrument::generator);
  setVisible(source && desk_.play());
  if (!source || !desk_.play() || !wanted_->isChecked()) {
    off();
    return;
  }
  if (desk_.busy()) {
    return;  // it is asked again when it is free
  }
  drive(practice::benchDrive(*desk_.play(), kmh_->value()));
}

// What the source gives is not said here: that is the trainee's to find out at the module.
void BenchDriver::drive(const practice::BenchDrive& wanted) {
  if (wanted.on) {
    hub_.startGenerator({wanted.square, wanted.hz, wanted.peakToPeakV, wanted.offsetV});
  } else if (running_) {
    hub_.stopGenerator();
  }
  running_ = wanted.on;
  QString text =
      tr("Only into a module on the bench, its supply fused; never into a vehicle's loom.");
  tells_->setToolTip(
      tr("The source follows this vehicle and its line; single teeth and what comes "
         "and goes it cannot show."));
  if (wanted.box) {
    text +=
        QLatin1Char(' ') + tr("It switches a load box of %1, and %2 beside it.")
                               .arg(q(units::format(wanted.box->fixedOhm, units::Unit::ohm)),
                                    q(units::format(wanted.box->switchedOhm, units::Unit::ohm)));
  }
  tells_->setText(text);
  tells_->show();
}

void BenchDriver::off() {
  tells_->hide();
  if (running_) {
    running_ = false;
    hub_.stopGenerator();
  }
  if (!isVisible() && wanted_->isChecked()) {
    const QSignalBlocker quiet(wanted_);
    wanted_->setChecked(false);  // it does not come on by itself when the page is shown again
  }
}

}  // namespace haybale::app
