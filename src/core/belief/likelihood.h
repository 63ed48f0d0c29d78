// How probable a reading is on a vehicle with one thing wrong.
//
// A numeric reading is compared on a scale on which meters err evenly: log10 of ohms, volts with a
// spread that grows with the value. Between two severities what would be read lies between what is
// read at each, so that the probability of an interval is the normal density averaged over it.
// Every reading may also be a mistake (wrong pin, bad contact): it then says nothing of the
// vehicle.
#pragma once

#include <functional>
#include <map>
#include <optional>
#include <utility>

#include "core/evidence/waveforms.h"
#include "core/vehicle/world.h"

namespace haybale::diagnosis {

/// Share of readings that are mistakes; common practice, no source.
inline constexpr double kMistake = 0.02;

/// Features of a trace as evidence.
struct TraceFacts {
  bool flat = false;
  std::optional<double> outputRatio;  ///< against the peer at equal speed
  std::optional<double> fluxMwb;
  std::optional<double> swing;  ///< peak to peak, in the unit of the trace
  Fault ring = Fault::none;     ///< what of the ring shows
  bool opens = false;
  bool shorts = false;
};
[[nodiscard]] TraceFacts factsOf(const trace::ChannelAnalysis& analysis,
                                 const std::optional<trace::Comparison>& comparison);

/// A scale for numeric readings of one kind.
struct Scale {
  circuit::TestKind kind = circuit::TestKind::resistance;
  double topOhm = 0;  ///< above it the meter shows OL

  [[nodiscard]] bool logarithmic() const;
  /// Place of a value on the scale; OL and beyond at its upper end.
  [[nodiscard]] double at(double value) const;
  /// Standard deviation there of meter and model together; `unsure` is what the vehicle's unknown
  /// values add.
  [[nodiscard]] double spread(double value, double unsure) const;
  /// Density of a mistaken reading there.
  [[nodiscard]] double mistaken(double value) const;
};

/// Probability density that a value in [low, high] (on the scale) is read as `x`.
[[nodiscard]] double intervalDensity(double x, double low, double high, double spread);

/// What categorical readings could come of a test, each with its words; empty for numbers.
struct Category {
  job::Reading reading;
  TraceFacts facts;  ///< waveforms only
  std::string words;
};
[[nodiscard]] std::vector<Category> categoriesOf(const Vehicle& vehicle, const circuit::Test& test);

/// Probability that a lamp at this share of its rated current is seen so; 1 when the share is not
/// known. Between lit and dim eyes differ: common practice, no source.
[[nodiscard]] double lampChance(circuit::Lamp lamp, const std::optional<double>& share,
                                circuit::LampState seen);

/// Likelihoods of one kind of reading on one vehicle with `world` wrong; with an intermittent fault
/// `resting` is the same vehicle while it does not show. All are probabilities or densities of the
/// reading, mistakes left out.
class ReadingModel {
 public:
  /// What was worked out for one test on one vehicle with one thing wrong, for the next outcome of
  /// the same.
  struct Worked {
    std::map<std::string, Vehicle::Monitor> monitors;
    std::optional<std::pair<std::optional<double>, std::optional<double>>> swings;  ///< now, sound
  };

  explicit ReadingModel(const Vehicle& vehicle) : vehicle_(vehicle) {}

  [[nodiscard]] double codes(const circuit::Test& test, const job::Reading& reading,
                             const World& world, const circuit::ParameterPoint& values,
                             Worked* worked = nullptr) const;
  [[nodiscard]] double liveSpeed(const circuit::Test& test, const job::Reading& reading,
                                 const World& world, const circuit::ParameterPoint& values,
                                 Worked* worked = nullptr) const;
  [[nodiscard]] double wiggle(const circuit::Test& test, const job::Reading& reading,
                              const Hypothesis& h, double severity,
                              const circuit::ParameterPoint& values) const;
  [[nodiscard]] double inspect(const circuit::Test& test, const job::Reading& reading,
                               const Hypothesis& h) const;
  [[nodiscard]] double benchSensor(const job::Reading& reading, const Hypothesis& h,
                                   double severity) const;
  [[nodiscard]] double waveform(const circuit::Test& test, const TraceFacts& facts,
                                const World& world, const circuit::ParameterPoint& values,
                                Worked* worked = nullptr) const;

 private:
  [[nodiscard]] bool watchSees(const circuit::Test& test, const Hypothesis& h, double severity,
                               const circuit::ParameterPoint& values) const;
  [[nodiscard]] Vehicle::Monitor monitor(const std::string& circuit, const circuit::CarState& state,
                                         const World& world, const circuit::ParameterPoint& values,
                                         Worked* worked) const;
  const Vehicle& vehicle_;
};

/// Probability that an intermittent fault shows in a state of the car.
[[nodiscard]] double showsIn(const Hypothesis& h, const circuit::CarState& state,
                             const circuit::Circuit& circuit);

}  // namespace haybale::diagnosis
