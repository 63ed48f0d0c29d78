#include "core/circuit/predict.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <limits>

#include "core/circuit/network.h"
#include "core/sensing/copper.h"

namespace haybale::circuit {

namespace {

using Node = Network::Node;
using Pair = std::array<Node, 2>;  // wire a, wire b

constexpr double kSupplyV = 12.6;

// The network of one circuit in one state, with a name for every place the leads may touch.
class LineNet {
 public:
  LineNet(const Circuit& circuit, const ParameterPoint& parameters, const Test& test,
          const std::vector<LineFault>& faults, double sensorVolts)
      : circuit_(circuit), p_(parameters), test_(test), faults_(faults) {
    battery_ = net_.addNode();
    net_.addSource(battery_, Network::kGround, test.state.batteryConnected ? kSupplyV : 0.0, 0.05);
    Pair at{};
    ends_.reserve(circuit.path.size());
    for (const auto& e : circuit.path) {
      ends_.push_back({at, at});
      at = addElement(e, at, sensorVolts);
      ends_.back().after = at;
    }
    if (test.state.jumper) {
      const auto a = node({*test.state.jumper, WireId::a});
      const auto b = node({*test.state.jumper, WireId::b});
      if (a && b) {
        net_.addResistor(*a, *b, 0.05);
      }
    }
  }

  [[nodiscard]] std::optional<Node> node(const Probe& probe) const {
    if (probe.place.kind == Place::Kind::ground) {
      return Network::kGround;
    }
    if (probe.place.kind == Place::Kind::battery) {
      return battery_;
    }
    const auto index = circuit_.indexOf(probe.place.element);
    if (!index || !probe.wire || *probe.wire == WireId::c) {
      return std::nullopt;
    }
    const auto wire = static_cast<std::size_t>(*probe.wire);
    const Ends& ends = ends_[*index];
    switch (probe.place.kind) {
      case Place::Kind::modulePins:
      case Place::Kind::moduleSide:
      case Place::Kind::sensor:
        return ends.before[wire];
      case Place::Kind::along:
        return alongNode(probe, ends);
      default:
        return ends.after[wire];
    }
  }

  Network& net() { return net_; }

 private:
  // The nodes at either end of an element: its module side and its wheel side.
  struct Ends {
    Pair before;
    Pair after;
  };
  // A probe within a leg.
  struct Tap {
    std::string element;
    std::size_t wire;
    double along;
    Node node;
  };

  Pair pair() { return {net_.addNode(), net_.addNode()}; }

  double series(const Element& e, std::size_t wire) const {
    double ohm = 0;
    for (const auto& f : faults_) {
      if (f.element == e.id && f.kind == FaultKind::series &&
          static_cast<std::size_t>(f.wire) == wire) {
        ohm += f.ohm;
      }
    }
    return ohm;
  }

  void addLeaks(const Element& e, const Pair& at) {
    for (const auto& f : faults_) {
      if (f.element != e.id) {
        continue;
      }
      const Node wire = at[static_cast<std::size_t>(f.wire)];
      if (f.kind == FaultKind::wiresTouching) {
        net_.addResistor(at[0], at[1], f.ohm);
      } else if (f.kind == FaultKind::leakToGround) {
        net_.addResistor(wire, Network::kGround, f.ohm);
      } else if (f.kind == FaultKind::leakToSupply) {
        net_.addResistor(wire, battery_, f.ohm);
      }
    }
  }

  Pair addElement(const Element& e, const Pair& before, double sensorVolts) {
    switch (e.kind) {
      case ElementKind::module:
        return addModule(e);
      case ElementKind::connector:
        return addConnector(e, before);
      case ElementKind::leg:
        return addLeg(e, before);
      case ElementKind::splice:
        return addSplice(e, before);
      case ElementKind::sensor:
        addSensor(e, before, sensorVolts);
        return before;
      case ElementKind::ring:
        return before;
    }
    return before;
  }

  Pair addModule(const Element& e) {
    const Pair pins = pair();
    const bool on = test_.state.key == Key::on && test_.state.batteryConnected;
    net_.addSource(pins[0], Network::kGround, on ? p_.biasV : 0.0, p_.sourceOhm);
    net_.addResistor(pins[1], Network::kGround, kReturnOhm);
    const Pair plug = pair();
    join(e, pins, plug);
    ends_.back().before = pins;
    addLeaks(e, plug);
    return plug;
  }

  Pair addConnector(const Element& e, const Pair& before) {
    const Pair after = pair();
    join(e, before, after);
    addLeaks(e, before);
    return after;
  }

  // A contact that may be apart.
  void join(const Element& e, const Pair& before, const Pair& after) {
    if (test_.state.isUnplugged(e.id)) {
      return;
    }
    for (std::size_t w = 0; w < 2; ++w) {
      net_.addResistor(before[w], after[w], kContactOhm + series(e, w));
    }
  }

  // Half the wire, the fault, half the wire. A probe within a leg divides the half it is in.
  Pair addLeg(const Element& e, const Pair& before) {
    const double length = e.lengthM.value_or(1.0);
    const double half = sensing::wireOhm(length, e.areaMm2.value_or(0.5), p_.celsius) / 2;
    const Pair near = pair();
    const Pair far = pair();
    const Pair after = pair();
    for (std::size_t w = 0; w < 2; ++w) {
      addHalf(e, w, 0.0, before[w], near[w], half);
      net_.addResistor(near[w], far[w], series(e, w));
      addHalf(e, w, 0.5, far[w], after[w], half);
    }
    addLeaks(e, near);
    return after;
  }

  // `from` and `to` bound the half of the leg that begins at `start` of its length.
  void addHalf(const Element& e, std::size_t wire, double start, Node from, Node to, double ohm) {
    std::vector<double> probes;
    for (const auto& probe : {test_.red, test_.black}) {
      if (probe && probe->wire && static_cast<std::size_t>(*probe->wire) == wire &&
          probe->place.kind == Place::Kind::along && probe->place.element == e.id &&
          probe->place.along > start && probe->place.along <= start + 0.5 &&
          probe->place.along < 1) {
        probes.push_back(probe->place.along);
      }
    }
    std::sort(probes.begin(), probes.end());
    double done = start;
    for (const double along : probes) {
      const Node tap = net_.addNode();
      net_.addResistor(from, tap, ohm * (along - done) / 0.5);
      taps_.push_back({e.id, wire, along, tap});
      from = tap;
      done = along;
    }
    net_.addResistor(from, to, ohm * (start + 0.5 - done) / 0.5);
  }

  Pair addSplice(const Element& e, const Pair& before) {
    const Pair after = pair();
    for (std::size_t w = 0; w < 2; ++w) {
      net_.addResistor(before[w], after[w], kContactOhm + series(e, w));
    }
    addLeaks(e, before);
    return after;
  }

  void addSensor(const Element& e, const Pair& at, double sensorVolts) {
    double coil = p_.coilOhm;
    for (const auto& f : faults_) {
      if (f.element == e.id && f.kind == FaultKind::coil) {
        coil = f.ohm;
      }
    }
    const double ohm = sensing::copperOhmAt(coil, 20, p_.celsius) + series(e, 0) + series(e, 1);
    net_.addSource(at[0], at[1], sensorVolts, ohm);
    addLeaks(e, at);
  }

  [[nodiscard]] Node alongNode(const Probe& probe, const Ends& ends) const {
    const auto wire = static_cast<std::size_t>(*probe.wire);
    for (const auto& tap : taps_) {
      if (tap.element == probe.place.element && tap.wire == wire &&
          tap.along == probe.place.along) {
        return tap.node;
      }
    }
    return probe.place.along < 0.5 ? ends.before[wire] : ends.after[wire];
  }

  const Circuit& circuit_;
  const ParameterPoint& p_;
  const Test& test_;
  const std::vector<LineFault>& faults_;
  Network net_;
  Node battery_ = 0;
  std::vector<Ends> ends_;  // by index of the path
  std::vector<Tap> taps_;
};

double voltsAt(const std::vector<double>& volts, Node node) {
  return node == Network::kGround ? 0.0 : volts[static_cast<std::size_t>(node)];
}

// A passive coil is modelled; anything else only while it does not hang on the leads.
bool covered(const Circuit& circuit, const Test& test) {
  if (!test.red || !test.rest.empty() || !test.stateRest.empty()) {
    return false;
  }
  if (circuit.sensor.kind == SensorKind::passive) {
    return true;
  }
  const bool sensorOnLeads = reachFrom(circuit, test.red->place, test.state).sensor ||
                             (test.black && test.black->place.onLine() &&
                              reachFrom(circuit, test.black->place, test.state).sensor);
  return !sensorOnLeads && test.kind != TestKind::waveform && test.state.key == Key::off;
}

}  // namespace

ParameterPoint nominal(const LineParameters& p) {
  return {p.biasV.nominal, p.sourceOhm.nominal, p.coilOhm.nominal, p.celsius};
}

std::optional<double> predict(const Circuit& circuit, const ParameterPoint& parameters,
                              const Test& test, const std::vector<LineFault>& faults) {
  const bool resistance = test.kind == TestKind::resistance || test.kind == TestKind::loop;
  const bool waveform = test.kind == TestKind::waveform;
  if (!(resistance || waveform || test.kind == TestKind::dcVoltage) || !covered(circuit, test)) {
    return std::nullopt;
  }
  const Probe ground{{Place::Kind::ground, ""}, std::nullopt};
  LineNet line(circuit, parameters, test, faults, 0.0);
  const auto red = line.node(*test.red);
  const auto black = line.node(test.black.value_or(ground));
  if (!red || !black || *red == *black) {
    return std::nullopt;
  }
  if (resistance) {
    line.net().addCurrent(*black, *red, kOhmmeterAmpere);
    const auto volts = line.net().solve();
    const double ohm = (voltsAt(volts, *red) - voltsAt(volts, *black)) / kOhmmeterAmpere;
    return ohm > kOhmmeterLimit ? std::numeric_limits<double>::infinity() : ohm;
  }
  const double meterOhm = waveform ? kScopeOhm : test.inputOhm;
  line.net().addResistor(*red, *black, meterOhm);
  const auto quiet = line.net().solve();
  const double rest = voltsAt(quiet, *red) - voltsAt(quiet, *black);
  if (!waveform) {
    return rest;
  }
  LineNet turning(circuit, parameters, test, faults, 1.0);
  turning.net().addResistor(*red, *black, meterOhm);
  const auto moved = turning.net().solve();
  return voltsAt(moved, *red) - voltsAt(moved, *black) - rest;
}

std::optional<Band> predictBand(const Circuit& circuit, const LineParameters& p, const Test& test,
                                const std::vector<LineFault>& faults) {
  const auto middle = predict(circuit, nominal(p), test, faults);
  if (!middle) {
    return std::nullopt;
  }
  Band band{*middle, *middle, *middle};
  const bool biased = test.state.key == Key::on;  // with the key off the bias has no say
  for (const double bias : {p.biasV.low, p.biasV.high}) {
    for (const double source : {p.sourceOhm.low, p.sourceOhm.high}) {
      for (const double coil : {p.coilOhm.low, p.coilOhm.high}) {
        const auto value = predict(circuit, {bias, source, coil, p.celsius}, test, faults);
        if (value) {
          band.low = std::min(band.low, *value);
          band.high = std::max(band.high, *value);
        }
      }
    }
    if (!biased) {
      break;
    }
  }
  return band;
}

}  // namespace haybale::circuit
