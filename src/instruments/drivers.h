// What the program wants of an instrument, and how a SCPI one is asked for it.
//
// Commands are those of SCPI-1999's instrument classes (from memory); an instrument that needs
// others answers with an error, which is shown as it is.
#pragma once

#include <memory>
#include <string>
#include <vector>

#include "core/capture/record.h"
#include "core/circuit/test.h"
#include "instruments/scpi_link.h"

namespace haybale::instruments {

/// What a multimeter measures.
enum class Quantity { dcVolts, acVolts, ohms, amperes };
/// Of a kind of test; empty for what no multimeter reads.
[[nodiscard]] std::optional<Quantity> quantityOf(circuit::TestKind kind);

class Multimeter {
 public:
  explicit Multimeter(ScpiLink& link) : link_(link) {}
  /// One reading in SI units; infinity on over-range. The quantity is set when it changed.
  /// `surely`: for a reading that is written down, never another question's (ScpiLink::askSurely);
  /// without it twice as fast, for a needle that is watched.
  [[nodiscard]] Result<double> read(Quantity quantity, bool surely = true);

 private:
  ScpiLink& link_;
  std::optional<Quantity> set_;
};

struct ScopeSettings {
  std::vector<int> channels{1};
  double fullScaleV = 20;  ///< bottom to top
  double durationS = 2;
  std::size_t points = 20000;
};

/// The full scale that fits what was seen at `fullScaleV`: three times its largest value either
/// way, so that a wheel turned faster still fits; ten times as much when a sample was beyond the
/// range. The same when the present one is near enough. Between 0.1 and 400 V.
[[nodiscard]] double fittedFullScale(const capture::Record& seen, double fullScaleV);

class Scope {
 public:
  explicit Scope(ScpiLink& link) : link_(link) {}
  /// Looks for a quarter of a second first, and sets the full scale by what it saw: a coil's tenths
  /// of a volt are lost in the steps of a wide range.
  [[nodiscard]] Result<capture::Record> recordFitted(ScopeSettings settings);
  /// Sets up, records once, and brings the samples over: one channel each, named "CH1".
  [[nodiscard]] Result<capture::Record> record(const ScopeSettings& settings);

 private:
  ScpiLink& link_;
};

struct GeneratorSettings {
  bool square = false;
  double hz = 100;
  double peakToPeakV = 1;
  double offsetV = 0;
};

class Generator {
 public:
  explicit Generator(ScpiLink& link) : link_(link) {}
  /// Switches the output off, sets it up, switches it on.
  Status start(const GeneratorSettings& settings);
  /// Another frequency while it runs.
  Status setHz(double hz);
  Status stop();

 private:
  ScpiLink& link_;
};

}  // namespace haybale::instruments
