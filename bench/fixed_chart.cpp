#include "fixed_chart.h"

#include <cmath>

#include "core/belief/likelihood.h"
#include "core/evidence/capture_shelf.h"
#include "core/evidence/waveforms.h"
#include "core/plan/test_effort.h"

namespace haybale::bench {

namespace {

using circuit::Place;
using circuit::Probe;
using circuit::Test;
using circuit::TestKind;
using circuit::WheelMotion;
using circuit::WireId;

class Chart {
 public:
  Chart(job::Case c, Answers vehicle, ChartOrder order)
      : case_(std::move(c)), vehicle_(std::move(vehicle)), order_(order) {
    for (const auto& e : circuit().path) {
      if (e.kind == circuit::ElementKind::connector) {
        connectors_.push_back(e.id);
      }
    }
  }

  ChartResult run() {
    (void)take(make(TestKind::codes));
    Test live = make(TestKind::liveSpeed);
    live.state.wheel = WheelMotion::spun;
    (void)take(live);
    if (order_ == ChartOrder::whole) {
      if (const auto seen = lookAround()) {
        result_.element = *seen;
        return result_;
      }
    }
    const bool coil = circuit().sensor.kind == circuit::SensorKind::passive;
    result_.element = coil ? passive() : active();
    return result_;
  }

 private:
  [[nodiscard]] const circuit::Circuit& circuit() const { return *case_.suspectCircuit(); }
  [[nodiscard]] std::string module() const { return circuit().path.front().id; }
  [[nodiscard]] std::string legBefore(const std::string& id) const {
    const auto at = circuit().indexOf(id);
    return at && *at > 0 ? circuit().path[*at - 1].id : module();
  }

  Test make(TestKind kind) const {
    Test t;
    t.kind = kind;
    t.circuit = circuit().name;
    t.state.key = circuit::defaultKey(kind);
    return t;
  }
  Test ohms(Place place, WireId wire, bool pair, std::vector<std::string> apart) const {
    Test t = make(TestKind::resistance);
    t.black = pair ? Probe{place, WireId::b} : Probe{{Place::Kind::ground, ""}, std::nullopt};
    t.red = Probe{std::move(place), wire};
    t.state.unplugged = std::move(apart);
    return t;
  }

  std::optional<job::Reading> take(const Test& test) {
    result_.minutes += diagnosis::minutesOf(case_, test);
    ++result_.tests;
    auto reading = vehicle_(test);
    job::Evidence e;
    e.id = case_.nextEvidenceId();
    e.test = test;
    e.reading = reading.value_or(job::Reading{});
    case_.evidence.push_back(std::move(e));
    return reading;
  }
  double number(const Test& test) {
    const auto reading = take(test);
    return !reading || !reading->value ? NAN
           : reading->value->overload  ? INFINITY
                                       : reading->value->value;
  }
  [[nodiscard]] double good(TestKind kind, std::size_t nth) const {
    for (const auto& e : case_.evidence) {
      if (e.test.kind == kind && e.test.circuit != circuit().name && nth-- == 0) {
        return e.reading.value ? e.reading.value->value : NAN;
      }
    }
    return NAN;
  }

  // From the module outwards, nothing touched; the first thing that looks wrong is it.
  std::optional<std::string> lookAround() {
    for (const auto& e : circuit().path) {
      Test t = make(TestKind::inspect);
      t.looked = e.id;
      const auto reading = take(t);
      const auto sight = reading ? reading->sight : std::nullopt;
      const bool wrong = sight && *sight != job::Sight::ok && *sight != job::Sight::hidden &&
                         *sight != job::Sight::repaired;
      if (wrong) {
        return e.id;
      }
    }
    return std::nullopt;
  }

  // A good sensor on the suspect line: does the suspect's speed follow it?
  std::optional<bool> followsTheGoodSensor() {
    const auto* peer = circuit::peerOf(case_.circuits, circuit());
    if (!peer) {
      return std::nullopt;
    }
    Test t = make(TestKind::liveSpeed);
    t.state.swap = circuit::Swap{peer->name, circuit().name, false};
    t.state.wheel = WheelMotion::spun;
    const auto reading = take(t);
    if (reading) {
      for (const auto& [name, kmh] : reading->kmh) {
        if (name == circuit().name) {
          return kmh > 1;
        }
      }
    }
    return std::nullopt;
  }

  // From the sensor's plug towards the module: the first place from which on it is bad.
  template <class Bad>
  std::string walk(const Bad& bad) {
    std::string before = "sensor";
    for (auto k = connectors_.rbegin(); k != connectors_.rend(); ++k) {
      if (k == connectors_.rbegin()) {
        continue;  // the sensor alone was measured there
      }
      if (bad(*k)) {
        return legBefore(*(k - 1));
      }
    }
    return legBefore(connectors_.front());
  }

  std::string passive() {
    const Place plug{Place::Kind::modulePlug, module()};
    const double want = good(TestKind::resistance, 0);
    const auto bad = [&](double ohm) { return !(std::abs(ohm / want - 1) < 0.25); };
    const Place alone{Place::Kind::wheelSide, connectors_.back()};
    if (bad(number(ohms(plug, WireId::a, true, {module()})))) {
      if (bad(number(ohms(alone, WireId::a, true, {connectors_.back()})))) {
        return "sensor";
      }
      return walk([&](const std::string& id) {
        return bad(number(ohms({Place::Kind::wheelSide, id}, WireId::a, true, {id})));
      });
    }
    if (auto leak = toGround()) {
      return *leak;
    }
    Test trace = make(TestKind::waveform);
    trace.red = Probe{plug, WireId::a};
    trace.black = Probe{plug, WireId::b};
    trace.state.unplugged = {module()};
    trace.state.key = circuit::Key::off;
    trace.state.wheel = WheelMotion::spun;
    return byTrace(trace);
  }

  std::optional<std::string> toGround() {
    const Place plug{Place::Kind::modulePlug, module()};
    for (const WireId wire : {WireId::a, WireId::b}) {
      if (std::isinf(number(ohms(plug, wire, false, {module()})))) {
        continue;
      }
      const Place alone{Place::Kind::wheelSide, connectors_.back()};
      if (!std::isinf(number(ohms(alone, wire, false, {connectors_.back()})))) {
        return "sensor";
      }
      return walk([&](const std::string& id) {
        return !std::isinf(number(ohms({Place::Kind::wheelSide, id}, wire, false, {id})));
      });
    }
    return std::nullopt;
  }

  double supply(const std::string& id) {
    Test t = make(TestKind::dcVoltage);
    t.red = Probe{{Place::Kind::moduleSide, id}, WireId::a};
    t.black = Probe{{Place::Kind::ground, ""}, std::nullopt};
    t.state.unplugged = {id};
    return number(t);
  }

  std::string active() {
    const double want = good(TestKind::dcVoltage, 1);
    const auto low = [&](double v) { return !(std::abs(v / want - 1) < 0.12); };
    if (low(supply(connectors_.back()))) {
      std::string beyond = connectors_.back();
      for (auto k = connectors_.rbegin() + 1; k != connectors_.rend(); ++k) {
        if (!low(supply(*k))) {
          return legBefore(beyond);
        }
        beyond = *k;
      }
      Test pins = make(TestKind::dcVoltage);
      pins.red = Probe{{Place::Kind::modulePins, module()}, WireId::a};
      pins.black = Probe{{Place::Kind::ground, ""}, std::nullopt};
      pins.state.unplugged = {module()};
      return low(number(pins)) ? module() : legBefore(connectors_.front());
    }
    // The return, wire by wire from the plug.
    for (const auto& id : connectors_) {
      for (const WireId wire : {WireId::a, WireId::b}) {
        Test t = make(TestKind::resistance);
        t.red = Probe{{Place::Kind::modulePlug, module()}, wire};
        t.black = Probe{{Place::Kind::moduleSide, id}, wire};
        t.state.unplugged = {module(), id};
        if (!(number(t) < 8)) {
          return legBefore(id);
        }
      }
    }
    if (auto leak = toGround()) {
      return *leak;
    }
    Test trace = make(TestKind::waveform);
    trace.red = Probe{{Place::Kind::modulePlug, module()}, WireId::a};
    trace.black = Probe{{Place::Kind::ground, ""}, std::nullopt};
    trace.state.wheel = WheelMotion::spun;
    return byTrace(trace);
  }

  std::string byTrace(const Test& trace) {
    const auto reading = take(trace);
    if (reading && !reading->file.empty()) {
      diagnosis::CaptureShelf shelf;
      if (const auto record = shelf.load(reading->file)) {
        const auto facts = diagnosis::factsOf(
            trace::analyse(**record, 0, diagnosis::traceOptions(case_, circuit())), std::nullopt);
        if (facts.ring != diagnosis::Fault::none) {
          return "ring";
        }
        const double flux = facts.fluxMwb.value_or(1);
        if (facts.flat || flux < 0.7) {
          return "sensor";
        }
      }
    }
    if (order_ == ChartOrder::whole) {
      const auto follows = followsTheGoodSensor();
      if (follows && !*follows) {
        return module();  // the wires were measured
      }
    }
    for (const auto& e : circuit().path) {
      if (e.kind != circuit::ElementKind::leg && e.kind != circuit::ElementKind::connector) {
        continue;
      }
      Test t = make(TestKind::wiggle);
      t.state.key = circuit::Key::off;
      t.state.unplugged = {module()};
      t.red = Probe{{Place::Kind::modulePlug, module()}, WireId::a};
      t.black = Probe{{Place::Kind::modulePlug, module()}, WireId::b};
      t.state.disturb = circuit::Disturb{circuit::DisturbKind::flex, e.id};
      const auto seen = take(t);
      if (seen && seen->reacts.value_or(false)) {
        return e.id;
      }
    }
    return module();
  }

  job::Case case_;
  Answers vehicle_;
  ChartOrder order_;
  std::vector<std::string> connectors_;
  ChartResult result_;
};

}  // namespace

ChartResult workDownTheChart(job::Case c, Answers vehicle, ChartOrder order) {
  return Chart(std::move(c), std::move(vehicle), order).run();
}

}  // namespace haybale::bench
