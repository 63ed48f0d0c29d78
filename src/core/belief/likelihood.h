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
#include <memory>
#include <optional>
#include <utility>

#include "core/evidence/waveforms.h"
#include "core/vehicle/vehicle.h"

namespace haybale::diagnosis {

/// Features of a trace as evidence.
struct TraceFacts {
  std::size_t pulses = 0;  ///< of the record: fewer than two turns of the ring hide its marks
  bool readable = true;    ///< false: the record says nothing of the kind of signal
  bool flat = false;       ///< no pulses, though the wheel was turned
  std::optional<double> flatVolts;    ///< where a flat line lies, direct part kept
  std::optional<double> outputRatio;  ///< against the peer at equal speed
  std::optional<double> fluxMwb;      ///< passive: swing of the flux, milliweber-turns
  std::optional<double> swing;        ///< peak to peak, in the unit of the trace
  std::optional<std::pair<double, double>>
      levels;            ///< volts, of a square wave with its direct part
  bool current = false;  ///< amperes: taken with a clamp, or over a known resistor
  std::optional<std::pair<double, double>>
      amperes;                        ///< lower and upper, of a clamp that shows steady currents
  std::optional<double> flatAmperes;  ///< where a flat line of such a clamp lies
  Fault ring = Fault::none;           ///< what of the ring shows
  bool opens = false;                 ///< parts now and then
  bool shorts = false;                ///< is pulled to a level now and then
  bool misses = false;                ///< a switching sensor leaves out pulses here and there
  bool opensBeyond = false;  ///< and then lies where neither a pulse nor a still wheel would be
  bool gapLimit = false;     ///< coded widths say that the gap is at its limit
  bool standsStill = false;  ///< coded widths say that the wheel stands, though it was turned

  bool operator==(const TraceFacts&) const = default;
};
/// `comparison`: with the peer's channel, at equal speed or of what does not depend on it.
[[nodiscard]] TraceFacts factsOf(const trace::ChannelAnalysis& analysis,
                                 const std::optional<trace::Comparison>& comparison);

/// What a reading is wrong for at once with others: the instrument, the eye, the module's word.
enum class Family { ohms, volts, output, trace, module, looks, moved, lamp, swap };
inline constexpr std::size_t kFamilies = 9;
[[nodiscard]] Family familyOf(const circuit::Test& test);
/// Probability that this family means nothing on this car of what the model says.
[[nodiscard]] double doubtOf(Family family);

/// Share of the readings of this kind that are taken or written down wrong.
[[nodiscard]] double slipOf(circuit::TestKind kind);

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
  /// Density of reading `x` where the value lies in [low, high], all on the scale. Whatever lies
  /// beyond the meter's range reads OL, however well it is known: there it is the probability of
  /// that, times the density of an OL that is foreseen.
  [[nodiscard]] double density(double x, double low, double high, double spread) const;
  /// Whether `x` is an OL there.
  [[nodiscard]] bool isBeyond(double x) const;
  /// Probability density of anything that might be read, at `x` on the scale.
  [[nodiscard]] double broad(double x) const;
  /// Density of a slip there: a bad contact reads OL, or nothing; a wrong pin anything. Integrates
  /// to 1 over what the meter shows.
  [[nodiscard]] double slipped(double x) const;
};

/// How far a number may lie from what is predicted, on its scale. What is not known of the vehicle
/// makes volts uncertain as they are many: where none are expected none are uncertain.
struct Spread {
  double own = 0;      ///< of the meter and of how it was held
  double unknown = 0;  ///< of the vehicle's unknown values, where `usual` is read
  double usual = 0;    ///< volts of a sound vehicle; 0: the unknown is the same wherever it reads
  [[nodiscard]] double at(double predicted) const;
};

/// Normal density of a deviation, per unit of it; `spread` is the standard deviation in that unit.
[[nodiscard]] double normalDensity(double deviation, double spread);
/// Standard normal distribution function.
[[nodiscard]] double normalShare(double z);
/// Probability density that a value in [low, high] (on the scale) is read as `x`: the normal
/// density averaged over the interval.
[[nodiscard]] double intervalDensity(double x, double low, double high, double spread);

/// Probability that a lamp at this share of its rated current is seen so; 1 when the share is not
/// known.
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
    std::optional<std::pair<double, double>> levels;                 ///< a square wave's, now
    std::optional<std::pair<double, double>> amperes, soundAmperes;  ///< a current's two
    std::shared_ptr<Worked> otherWay;  ///< with the leads of a swap exchanged
  };

  explicit ReadingModel(const Vehicle& vehicle) : vehicle_(vehicle) {}

  /// Probability that exactly these codes come back after clearing, of the circuits that were read.
  /// `checks`: the module looks at its pins while the car stands; some look only at what turns.
  [[nodiscard]] double codes(const circuit::Test& test, const job::Reading& reading,
                             const World& world, const circuit::ParameterPoint& values,
                             Worked* worked = nullptr, bool checks = true) const;
  /// Density of the speeds the module shows, by circuit, while the car is driven or a wheel is
  /// spun.
  [[nodiscard]] double liveSpeed(const circuit::Test& test, const job::Reading& reading,
                                 const World& world, const circuit::ParameterPoint& values,
                                 Worked* worked = nullptr) const;
  /// Probability that what is watched reacts, or not, while an element is moved, wetted, warmed.
  [[nodiscard]] double wiggle(const circuit::Test& test, const job::Reading& reading,
                              const Hypothesis& h, double severity,
                              const circuit::ParameterPoint& values) const;
  /// Probability of what was seen on an element; what is hidden says nothing.
  [[nodiscard]] double inspect(const circuit::Test& test, const job::Reading& reading,
                               const Hypothesis& h) const;
  /// Probability that a sensor on the bench swings, or not, with metal before it.
  [[nodiscard]] double benchSensor(const job::Reading& reading, const Hypothesis& h,
                                   double severity) const;
  /// A trace: marks of ring and wiring, and what of the output arrives. With `other` the output
  /// lies between that of `world` and of `other`, the two ends of an interval of severities.
  [[nodiscard]] double waveform(const circuit::Test& test, const TraceFacts& facts,
                                const World& world, const circuit::ParameterPoint& values,
                                Worked* worked = nullptr, const World* other = nullptr) const;

 private:
  [[nodiscard]] double codesAsWired(const circuit::Test& test, const job::Reading& reading,
                                    const World& world, const circuit::ParameterPoint& values,
                                    Worked* worked, bool checks) const;
  [[nodiscard]] double speedAsWired(const circuit::Test& test, const job::Reading& reading,
                                    const World& world, const circuit::ParameterPoint& values,
                                    Worked* worked) const;
  [[nodiscard]] bool mindsPolarity(const circuit::Test& test) const;
  [[nodiscard]] bool watchSees(const circuit::Test& test, const Hypothesis& h, double severity,
                               const circuit::ParameterPoint& values) const;
  /// Probability that circuit `name` is wrong like the suspect's because the same work was done.
  [[nodiscard]] double faultyToo(const std::string& name, const World& world) const;
  [[nodiscard]] double codesOfAnother(const circuit::Test& test, const job::Reading& reading,
                                      const World& world, const circuit::ParameterPoint& values,
                                      bool checks) const;
  [[nodiscard]] double otherSpeed(const circuit::Test& test, const std::string& name, double ratio,
                                  double spread, bool follows, const World& world) const;
  [[nodiscard]] double spunAsAnother(const job::Reading& reading, double counts) const;
  [[nodiscard]] double marks(const circuit::Test& test, const TraceFacts& facts,
                             const World& world) const;
  [[nodiscard]] double coilOutput(const circuit::Test& test, const TraceFacts& facts,
                                  const circuit::ParameterPoint& values, Worked& worked,
                                  const World* other) const;
  [[nodiscard]] double squareOutput(const circuit::Test& test, const TraceFacts& facts,
                                    const World& world, const circuit::ParameterPoint& values,
                                    Worked& worked) const;
  [[nodiscard]] double currentOutput(const circuit::Test& test, const TraceFacts& facts,
                                     const World& world, const circuit::ParameterPoint& values,
                                     Worked& worked) const;
  [[nodiscard]] double blindChance(const circuit::Test& test, const World& world) const;
  [[nodiscard]] std::optional<std::pair<double, double>> levelsOf(
      const circuit::Test& test, const World& world, const circuit::ParameterPoint& values) const;
  [[nodiscard]] Vehicle::Monitor monitor(const std::string& circuit, const circuit::CarState& state,
                                         const World& world, const circuit::ParameterPoint& values,
                                         Worked* worked) const;
  const Vehicle& vehicle_;
};

/// Probability that an intermittent fault shows in a state of the car.
[[nodiscard]] double showsIn(const Hypothesis& h, const circuit::CarState& state,
                             const circuit::Circuit& circuit);

}  // namespace haybale::diagnosis
