// A made-up vehicle with something hidden wrong, which answers tests as a real one would: for
// practice, for tests, and for measuring how well diagnosis does.
//
// Its values, its meter's errors and its technician's slips come from one seed. What is measured
// comes from the electrical core with the fault in it.
#pragma once

#include <random>
#include <string>

#include "core/capture/record.h"
#include "core/job/case.h"
#include "core/sim/hidden_fault.h"
#include "core/vehicle/vehicle.h"

namespace haybale::sim {

/// How the vehicle and its technician err.
struct SimOptions {
  std::uint32_t seed = 1;     ///< the same seed and the same questions give the same answers
  double slip = 0.01;         ///< share of readings that are taken wrong
  double meterError = 0.005;  ///< relative, one standard deviation
  /// Water in a plug is gone once that plug was taken apart, until it is wetted again: a drive in
  /// the rain, or a spray on it.
  bool dries = false;
  std::string folder;  ///< where captures are written; empty: scope traces cannot be taken
};

class SimVehicle {
 public:
  /// The circuits and complaint are those of `c`; `fault` with `severity` is hidden in its suspect
  /// circuit.
  SimVehicle(job::Case c, diagnosis::Hypothesis fault, double severity, const SimOptions& options);

  [[nodiscard]] const diagnosis::Hypothesis& fault() const { return fault_; }
  /// Hides a second fault beside the first; one that does not come and go.
  void hideToo(const HiddenFault& second) { second_ = second; }
  /// Whether a fault that comes and goes shows from now on; empty: drawn anew at every test.
  void holdShown(std::optional<bool> shown) { held_ = shown; }
  /// Mends what is wrong with `element`; what else is wrong stays.
  void repair(const std::string& element);
  /// The reading of a test; empty when it cannot be made here.
  [[nodiscard]] std::optional<job::Reading> answer(const circuit::Test& test);
  /// What a scope on the leads of `test` records; empty when it cannot be hung there.
  [[nodiscard]] std::optional<capture::Record> record(const circuit::Test& test, double durationS,
                                                      double rateHz);
  /// Readings of the good wheel that a technician takes first, as evidence.
  [[nodiscard]] std::vector<job::Evidence> goodWheel();

 private:
  [[nodiscard]] job::Reading number(const circuit::Test& test, const diagnosis::World& world);
  [[nodiscard]] job::Reading codes(const circuit::Test& test, const diagnosis::World& world);
  [[nodiscard]] job::Reading speeds(const circuit::Test& test, const diagnosis::World& world);
  [[nodiscard]] job::Reading look(const circuit::Test& test);
  [[nodiscard]] std::optional<job::Reading> capture(const circuit::Test& test);
  [[nodiscard]] std::optional<job::Reading> answerNow(const circuit::Test& test);
  void dryOrWet(const circuit::CarState& state);
  /// What is wrong at this moment, in this state of the car.
  [[nodiscard]] bool waterMoves(const circuit::CarState& state);
  [[nodiscard]] bool differs(const circuit::Test& test, const diagnosis::World& world) const;
  [[nodiscard]] diagnosis::World worldNow(bool shows) const;
  /// The fault that lies in this element; of `none` where there is none.
  [[nodiscard]] HiddenFault faultIn(const std::string& element) const;
  [[nodiscard]] double uniform();
  [[nodiscard]] double normal();
  [[nodiscard]] bool shows(const circuit::Test& test);

  job::Case case_;
  diagnosis::Hypothesis fault_;
  double severity_;
  std::optional<HiddenFault> second_;
  std::optional<bool> held_;
  SimOptions options_;
  std::mt19937 random_;
  diagnosis::Vehicle vehicle_;
  circuit::ParameterPoint values_;      // of the suspect circuit
  circuit::ParameterPoint goodValues_;  // of the others
  bool latched_;
  bool dry_ = false;
  int captures_ = 0;
};

}  // namespace haybale::sim
