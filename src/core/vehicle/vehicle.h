// A vehicle with one thing wrong: what every test would find on it.
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/job/case.h"
#include "core/vehicle/world.h"

namespace haybale::diagnosis {

/// Road speed that an injected frequency stands for on `circuit`, km/h.
[[nodiscard]] double kmhOf(const circuit::Inject& inject, const circuit::Circuit& circuit,
                           double circumferenceM);

/// The vehicle around one suspect circuit, for predictions.
class Vehicle {
 public:
  /// REQUIRES: `c` outlives it and has a suspect circuit.
  explicit Vehicle(const job::Case& c);

  [[nodiscard]] const job::Case& job() const { return case_; }
  [[nodiscard]] const circuit::Circuit& suspect() const { return suspect_; }

  /// What a meter, lamp or scope shows, as `circuit::predict` says it; swaps are followed.
  [[nodiscard]] std::optional<double> electrical(const circuit::Test& test, const World& world,
                                                 const circuit::ParameterPoint& values) const;

  /// Amperes in the wire that a clamp is round, as `circuit::clampAmperes` says it; none where two
  /// circuits are exchanged or a part is swapped.
  [[nodiscard]] std::optional<double> clampAmperes(const circuit::Test& test, const World& world,
                                                   const circuit::ParameterPoint& values) const;

  /// Whether a fault can change what `test` reads: false only when it is certain that it does not,
  /// because it is none of the circuit's own, or a plug that is apart lies in between.
  [[nodiscard]] bool touches(const circuit::Test& test, const Hypothesis& h) const;

  /// Whether a lead stands where, with two circuits exchanged, another wheel's signal comes by: the
  /// one that was spun by hand shows nothing there.
  [[nodiscard]] bool hearsAnother(const circuit::Test& test, const World& world) const;

  /// Whether a free differential turns the wheels, on a lift or stands: any of them may stand
  /// still, and its code and speed are of no circuit.
  [[nodiscard]] bool turnsFreely(const circuit::CarState& state) const;

  /// What the module makes of one circuit in a state of the car, after clearing.
  struct Monitor {
    // Codes of the standing check; each 0..1, together at most 1.
    double open = 0, shortGround = 0, shortSupply = 0;
    double signal = 1;       ///< probability that it counts pulses while the wheel turns
    double swing = 1;        ///< share of the usual output that arrives
    double faint = 0;        ///< probability that a coil's signal is smaller than it finds right
    double misses = 0;       ///< probability that a switching sensor too far away leaves some out
    bool ringShows = false;  ///< pulses come, but the ring's fault is in them
  };
  [[nodiscard]] Monitor monitor(const std::string& circuit, const circuit::CarState& state,
                                const World& world, const circuit::ParameterPoint& values) const;

 private:
  struct Scene {
    const circuit::Circuit* circuit;
    std::vector<circuit::LineFault> faults;
    circuit::ParameterPoint values;
    bool hanging = false;  ///< its own sensor is taken away and none put in its place
  };
  [[nodiscard]] Scene sceneOf(const std::string& circuit, const circuit::CarState& state,
                              const World& world, const circuit::ParameterPoint& values) const;
  [[nodiscard]] Scene injectedScene(const circuit::CarState& state, const World& world,
                                    const circuit::ParameterPoint& values) const;
  [[nodiscard]] circuit::Test asCrossed(const circuit::Test& test, const World& world,
                                        Scene& scene) const;
  [[nodiscard]] static circuit::Test withoutSensor(const circuit::Test& test, const Scene& scene);
  struct Looked;
  [[nodiscard]] Looked lookedAt(const std::string& circuit, const circuit::CarState& state,
                                const World& world, const circuit::ParameterPoint& values) const;
  void hearCoil(const Looked& at, const World& world, Monitor& out) const;
  void hearSwitching(const Looked& at, const World& world, const circuit::ParameterPoint& values,
                     Monitor& out) const;

  [[nodiscard]] const circuit::Circuit& cutAt(const circuit::Place& place) const;

  const job::Case& case_;
  const circuit::Circuit& suspect_;
  /// The suspect line as it ends at its first, second, ... element with a sensor hung on there.
  std::vector<circuit::Circuit> cuts_;
};

}  // namespace haybale::diagnosis
