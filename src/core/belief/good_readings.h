// What the good wheels of a vehicle showed, ready to be compared with predictions.
#pragma once

#include <optional>
#include <string>
#include <utility>
#include <vector>

#include "core/circuit/predict.h"
#include "core/evidence/waveforms.h"

namespace haybale::diagnosis {

/// A reading of a good circuit. Volts, ohms or hertz as the test has it, with its standard
/// uncertainty.
struct GoodReading {
  const circuit::Circuit* circuit;
  std::size_t wheel;  ///< which of the good circuits
  const job::Evidence* evidence;
  circuit::Test test;
  double value;
  double sigma;
  std::optional<double> celsius;  ///< of the coil, where it was written down
  /// Of a square wave: its upper level, or how far apart the two are.
  enum class Wave { none, upper, swing } wave = Wave::none;
};

struct GoodReadings {
  std::vector<GoodReading> list;
  std::vector<std::string> wheels;
  /// What the maker says of the coil, where he does.
  std::optional<std::pair<double, double>> coil;  ///< middle, standard deviation
};

/// What is not believed of the good wheels: all of a wheel, or a reading that was a slip.
struct LeftOut {
  std::vector<std::string> wheels;
  std::vector<std::string> readings;  ///< their ids
};

/// Of the circuits that may teach about `circuit` (of its group and kind, not in question, not left
/// out): numbers and the levels of traces. Void and withdrawn readings are not among them. They
/// point into `c`.
[[nodiscard]] GoodReadings goodReadingsFor(const job::Case& c, const circuit::Circuit& circuit,
                                           const WaveformSet& waveforms, const LeftOut& leftOut);

}  // namespace haybale::diagnosis
