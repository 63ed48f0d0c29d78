// The yard's multimeter, scope and generator as SCPI devices.
#pragma once

#include "instruments/scpi_device.h"
#include "instruments/yard.h"

namespace haybale::instruments {

class SimMultimeter : public ScpiDevice {
 public:
  explicit SimMultimeter(Yard& yard);

 private:
  void reset() override { kind_ = circuit::TestKind::dcVoltage; }
  void addFunction(const std::string& word, const std::string& shown, circuit::TestKind kind);
  [[nodiscard]] std::string reading();

  Yard& yard_;
  circuit::TestKind kind_ = circuit::TestKind::dcVoltage;
  std::string function_ = "VOLT";
  std::string last_ = "9.91E+37";
};

class SimScope : public ScpiDevice {
 public:
  explicit SimScope(Yard& yard);

 private:
  void reset() override;
  void acquire();
  [[nodiscard]] std::string trace() const;

  Yard& yard_;
  double fullScaleV_ = 20;
  double durationS_ = 2;
  double points_ = 10000;
  bool binary_ = false;
  std::vector<float> samples_;
};

class SimGenerator : public ScpiDevice {
 public:
  explicit SimGenerator(Yard& yard);

 private:
  void reset() override;
  void apply();

  Yard& yard_;
  bool on_ = false;
  std::string shape_ = "SIN";
  double hz_ = 1000;
  double volts_ = 0.1;
  double offset_ = 0;
};

}  // namespace haybale::instruments
