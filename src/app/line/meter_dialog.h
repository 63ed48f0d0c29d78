// Chooses and describes the meter the readings are taken with.
#pragma once

#include <QDialog>

#include "core/circuit/meter.h"

class QComboBox;
class QFormLayout;
class QLabel;
class QLineEdit;

namespace haybale::app {

class MeterDialog : public QDialog {
  Q_OBJECT

 public:
  explicit MeterDialog(const circuit::Meter& meter, QWidget* parent = nullptr);
  [[nodiscard]] const circuit::Meter& meter() const { return meter_; }

 private:
  QLineEdit* number(QFormLayout* form, const QString& name, const QString& label);
  void show(const circuit::Meter& meter);
  void finish();

  circuit::Meter meter_;
  std::vector<circuit::Meter> known_;
  QComboBox* choice_;
  QLineEdit* name_;
  QLineEdit* input_;
  QLineEdit* top_;
  QLineEdit* leads_;
  QLineEdit* dc_;
  QLineEdit* ohm_;
  QLineEdit* ac_;
  QLabel* error_;
};

}  // namespace haybale::app
