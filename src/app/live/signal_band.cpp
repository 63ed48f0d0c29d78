#include "app/live/signal_band.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>

namespace haybale::app {

SignalBand::SignalBand(InstrumentHub& hub, QWidget* parent) : QWidget(parent), hub_(hub) {
  setObjectName(QStringLiteral("signalBand"));
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(12, 3, 12, 3);
  text_ = new QLabel(this);
  text_->setObjectName(QStringLiteral("signalBand.text"));
  text_->setProperty("bad", true);
  row->addWidget(text_, 1);
  auto* stop = new QPushButton(tr("Switch the signal off"), this);
  stop->setObjectName(QStringLiteral("signalBand.stop"));
  row->addWidget(stop);
  connect(stop, &QPushButton::clicked, &hub_, &InstrumentHub::stopGenerator);
  connect(&hub_, &InstrumentHub::generatorRuns, this, &SignalBand::refresh);
  refresh();
}

void SignalBand::refresh() {
  const auto& on = hub_.running();
  setVisible(on.has_value());
  if (on) {
    text_->setText(tr("SIGNAL ON: %1 Hz, %2 V peak to peak, %3")
                       .arg(on->hz, 0, 'f', 1)
                       .arg(on->peakToPeakV, 0, 'g', 3)
                       .arg(on->square ? tr("square") : tr("sine")));
  }
}

}  // namespace haybale::app
