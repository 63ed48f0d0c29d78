// One circuit in one state as a network, with a node for every place that can be touched.
#pragma once

#include <array>
#include <optional>
#include <span>
#include <vector>

#include "core/circuit/fault.h"
#include "core/circuit/front_end.h"
#include "core/circuit/network.h"
#include "core/circuit/sensor_model.h"
#include "core/circuit/test.h"

namespace haybale::circuit {

inline constexpr double kContactOhm = 0.005;  ///< one sound contact
inline constexpr double kJumperOhm = 0.05;    ///< a jumper lead with its clips
/// Insulation of a wire to ground at each end of an element: a wire hanging free has a voltage.
/// Five decades above a 10 Mohm meter.
inline constexpr double kInsulationOhm = 1e12;
inline constexpr double kBatteryOhm = 0.05;
/// Battery plus to ground through what else hangs on it, once the battery is off (common practice,
/// no source).
inline constexpr double kLoadsOhm = 20;

/// One set of values of a vehicle: its module, this circuit's sensor, temperatures, battery.
struct ParameterPoint {
  bool operator==(const ParameterPoint&) const = default;
  FrontEnd frontEnd;
  SensorValues sensor;
  double celsius = 20;           ///< of the coil and the wires
  double batteryV = 12.6;        ///< key on, engine off
  double circumferenceM = 1.95;  ///< of the wheel, for its tooth frequency
};

/// Builds and keeps one network; `build` may be called again and again and keeps its memory. The
/// network of the last one is this object's own and changes with the next.
class LineNet {
 public:
  /// What the sensor does while it is looked at.
  struct Drive {
    bool high = false;   ///< an active or Hall sensor on a tooth
    bool pulse = false;  ///< a data-word sensor in its speed pulse
    double hz = 0;       ///< a coil's tooth frequency
  };

  /// Puts the circuit together as `test` finds it: plugs apart, key and battery, jumper, what the
  /// module feeds, the faults with their severities. Wires a and b, and c for a Hall sensor. Faults
  /// of elements that are not on the path are ignored. The leads themselves are not part of it:
  /// whoever measures hangs the meter on `node`. All but `drive` must outlive the next call of
  /// `node`.
  void build(const Circuit& circuit, const ParameterPoint& parameters, const Test& test,
             std::span<const LineFault> faults, const Drive& drive);

  /// The node a lead touches; empty where the circuit has no such place or wire.
  [[nodiscard]] std::optional<Node> node(const Probe& probe) const;
  /// To hang a meter on, to solve, and to read.
  [[nodiscard]] Network& net() { return net_; }
  /// Battery plus as the car's loads see it: behind its own resistance, or dead when it is off.
  [[nodiscard]] Node battery() const { return battery_; }

 private:
  using Wires = std::array<Node, 3>;
  // The wires of an element at its module end and its wheel end.
  struct Ends {
    Wires before{};
    Wires after{};
  };
  // Where a lead pierces a leg.
  struct Tap {
    const Element* element;
    std::size_t wire;
    double along;
    Node node;
  };
  // Something within a leg: a fault, or a probe that pierces it.
  struct Event {
    double along;
    const LineFault* fault;  // nullptr: a probe
    std::size_t wire;
  };

  // New nodes for all wires; whether a fault (by index) is of an element; ohms of one wire over it;
  // its fault of that kind, or none.
  [[nodiscard]] Wires fresh();
  [[nodiscard]] bool isOf(const Element& e, std::size_t fault) const;
  [[nodiscard]] double series(const Element& e, std::size_t wire) const;
  [[nodiscard]] const LineFault* faultOf(const Element& e, FaultKind kind) const;
  // The module's pins with their feed; what leaks to ground, to the battery or between the wires.
  void addPins(const Wires& pins, bool fed);
  void addLeak(const LineFault& fault, const Wires& at);
  void addLeaks(const Element& e, const Wires& before, const Wires& after);
  void addLeakBranch(Node a, Node b, const LineFault& fault);
  void join(const Element& e, const Wires& before, const Wires& after);
  // From the module outwards: each takes the wires as they come and returns them as they leave it.
  Wires addElement(const Element& e, const Wires& before);
  Wires addModule(const Element& e);
  Wires addContact(const Element& e, const Wires& before);
  Wires addLeg(const Element& e, const Wires& before);
  void collectEvents(const Element& e);
  void addSensor(const Element& e, const Wires& at);
  void addCoil(const Element& e, Node plus, Node minus);
  void addJumper();

  const Circuit* circuit_ = nullptr;
  const ParameterPoint* p_ = nullptr;
  const Test* test_ = nullptr;
  std::span<const LineFault> faults_;
  std::vector<std::size_t> faultAt_;  // element of each by its index in the path, or its end
  Drive drive_;
  std::size_t wires_ = 2;
  Network net_;
  Node battery_ = 0;
  std::vector<Ends> ends_;  // by index of the path
  std::vector<Tap> taps_;
  std::vector<Event> events_;
};

}  // namespace haybale::circuit
