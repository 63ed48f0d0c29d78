// In every view: that the signal source is on, what it gives, and the button that ends it.
#pragma once

#include <QWidget>

#include "app/live/instrument_hub.h"

class QLabel;

namespace haybale::app {

class SignalBand : public QWidget {
  Q_OBJECT

 public:
  explicit SignalBand(InstrumentHub& hub, QWidget* parent = nullptr);

 private:
  void refresh();

  InstrumentHub& hub_;
  QLabel* text_;
};

}  // namespace haybale::app
