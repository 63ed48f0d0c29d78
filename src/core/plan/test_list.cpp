#include "core/plan/test_list.h"

#include <algorithm>

#include "core/plan/test_effort.h"

namespace haybale::diagnosis {

using circuit::Circuit;
using circuit::Element;
using circuit::ElementKind;
using circuit::Key;
using circuit::Place;
using circuit::Probe;
using circuit::SensorKind;
using circuit::Test;
using circuit::TestKind;
using circuit::WheelMotion;
using circuit::WireId;

namespace {

// Common practice: some 20 km/h on a usual ring, well above what a passive input needs.
constexpr double kInjectHz = 137;
constexpr double kInjectVolts = 2;

class Lister {
 public:
  Lister(const job::Case& c, const Circuit& circuit)
      : case_(c),
        circuit_(circuit),
        module_(circuit.path.front().id),
        coil_(circuit::isCoil(circuit.sensor.kind)) {}

  std::vector<Test> list() {
    atModule();
    const Element* before = nullptr;
    for (const auto& e : circuit_.path) {
      if (e.kind == ElementKind::connector) {
        atConnector(e);
        halvesWatched(e);
        if (before) {
          between(*before, e);
        }
        before = &e;
      }
      if (e.kind == ElementKind::leg) {
        pierced(e);
      }
      looked(e);
    }
    atSensor();
    byScanTool();
    bySwap();
    byInjection();
    std::erase_if(out_, [&](const Test& t) { return !permitted(case_, circuit_, t); });
    return std::move(out_);
  }

 private:
  Test make(TestKind kind, std::optional<Probe> red, std::optional<Probe> black,
            std::vector<std::string> unplugged) const {
    Test t;
    t.kind = kind;
    t.circuit = circuit_.name;
    t.red = std::move(red);
    t.black = std::move(black);
    t.state.key = circuit::defaultKey(kind);
    t.state.unplugged = std::move(unplugged);
    return t;
  }
  void add(TestKind kind, const Place& red, WireId wire, std::optional<Probe> black,
           std::vector<std::string> unplugged) {
    out_.push_back(make(kind, Probe{red, wire}, std::move(black), std::move(unplugged)));
  }
  static Probe ground() { return {{Place::Kind::ground, ""}, std::nullopt}; }

  [[nodiscard]] std::vector<WireId> wires() const {
    return circuit_.sensor.kind == SensorKind::hall ? std::vector{WireId::a, WireId::b, WireId::c}
                                                    : std::vector{WireId::a, WireId::b};
  }

  void pairAndGround(const Place& place, const std::vector<std::string>& unplugged) {
    add(TestKind::resistance, place, WireId::a, Probe{place, WireId::b}, unplugged);
    for (const WireId wire : wires()) {
      add(TestKind::resistance, place, wire, ground(), unplugged);
    }
  }

  void volts(const Place& place, const std::vector<std::string>& unplugged) {
    for (const WireId wire : wires()) {
      add(TestKind::dcVoltage, place, wire, ground(), unplugged);
    }
    add(TestKind::dcVoltage, place, WireId::a, Probe{place, WireId::b}, unplugged);
  }

  // What nothing feeds has no volts, but where a wire touches one that is live.
  void strays(const Place& place, const std::vector<std::string>& unplugged) {
    for (const WireId wire : wires()) {
      add(TestKind::dcVoltage, place, wire, ground(), unplugged);
    }
  }

  void turning(TestKind kind, const Place& place, const std::vector<std::string>& unplugged,
               WheelMotion wheel) {
    if (coil_) {
      Test t = make(kind, Probe{place, WireId::a}, Probe{place, WireId::b}, unplugged);
      t.state.wheel = wheel;
      t.state.key = unplugged.empty() ? Key::on : Key::off;
      out_.push_back(t);
      return;
    }
    // The current is sensed in the feed or in the return: either wire may carry the signal.
    for (const WireId wire : {WireId::a, WireId::b}) {
      Test t = make(kind, Probe{place, wire}, ground(), unplugged);
      t.state.wheel = wheel;
      out_.push_back(t);
    }
  }
  void spun(TestKind kind, const Place& place, const std::vector<std::string>& unplugged) {
    turning(kind, place, unplugged, WheelMotion::spun);
  }

  void atModule() {
    const Place plug{Place::Kind::modulePlug, module_};
    const Place pins{Place::Kind::modulePins, module_};
    pairAndGround(plug, {module_});
    strays(plug, {module_});
    volts(plug, {});
    if (case_.ownSupplyPlug) {
      // With one plug for all, the module is dead once it is off.
      volts(pins, {module_});
    }
    if (coil_) {
      spun(TestKind::waveform, plug, {module_});
      spun(TestKind::waveform, plug, {});
      spun(TestKind::acVoltage, plug, {module_});
      spun(TestKind::acVoltage, plug, {});
    } else {
      spun(TestKind::waveform, plug, {});
    }
    // A hand seldom turns the ring twice; on the road it comes round again and again.
    turning(TestKind::waveform, plug, {}, WheelMotion::driven);
  }

  void atConnector(const Element& e) {
    const Place near{Place::Kind::moduleSide, e.id};
    const Place far{Place::Kind::wheelSide, e.id};
    pairAndGround(far, {e.id});
    strays(far, {e.id});
    volts(near, {e.id});
    volts(near, {});
    volts(far, {});
    if (coil_) {
      spun(TestKind::acVoltage, far, {e.id});
      spun(TestKind::waveform, far, {e.id});
      spun(TestKind::waveform, near, {});
    } else {
      spun(TestKind::waveform, far, {});
    }
    // From the module to here, wire by wire, and closed by a jumper.
    const Place plug{Place::Kind::modulePlug, module_};
    pairAndGround(near, {module_, e.id});
    for (const WireId wire : wires()) {
      Test through =
          make(TestKind::resistance, Probe{plug, wire}, Probe{near, wire}, {module_, e.id});
      out_.push_back(through);
    }
    Test loop =
        make(TestKind::loop, Probe{plug, WireId::a}, Probe{plug, WireId::b}, {module_, e.id});
    loop.state.jumper = near;
    out_.push_back(loop);
    // The same from the wheel's end, where the plug of the module is the easier one to bridge.
    Test back =
        make(TestKind::loop, Probe{near, WireId::a}, Probe{near, WireId::b}, {module_, e.id});
    back.state.jumper = plug;
    out_.push_back(back);
    lamps(near, e.id);
    // Over the contact itself, with what current there is.
    for (const WireId wire : {WireId::a, WireId::b}) {
      add(TestKind::dcVoltage, near, wire, Probe{far, wire}, {});
    }
  }

  [[nodiscard]] bool opened(const Element& plug) const {
    return std::any_of(case_.evidence.begin(), case_.evidence.end(), [&](const job::Evidence& e) {
      return !e.withdrawn && e.test.circuit == circuit_.name && e.test.state.isUnplugged(plug.id);
    });
  }

  // What lies between two connectors, alone: its leaks, and each wire from end to end.
  void between(const Element& before, const Element& after) {
    const std::vector<std::string> both{before.id, after.id};
    const Place here{Place::Kind::wheelSide, before.id};
    const Place there{Place::Kind::moduleSide, after.id};
    pairAndGround(here, both);
    // Wire by wire once both plugs were in hand: it tells the leg from its plugs, not where to
    // look.
    if (!opened(before) || !opened(after)) {
      return;
    }
    for (const WireId wire : wires()) {
      add(TestKind::resistance, here, wire, Probe{there, wire}, both);
    }
  }

  // A lamp to ground tests the feed, a lamp from battery plus the return. An LED draws what a pin
  // can bear.
  void lamps(const Place& place, const std::string& apart) {
    Test feed = make(TestKind::lamp, Probe{place, WireId::a}, ground(), {apart});
    feed.lamp = circuit::Lamp::led;
    out_.push_back(feed);
    const Probe battery{{Place::Kind::battery, ""}, std::nullopt};
    Test back = make(TestKind::lamp, battery, Probe{place, WireId::b}, {apart});
    back.lamp = circuit::Lamp::led;
    out_.push_back(back);
  }

  void pierced(const Element& e) {
    for (const double along : {0.25, 0.5, 0.75}) {
      volts({Place::Kind::along, e.id, along}, {});
    }
  }

  void looked(const Element& e) {
    Test t = make(TestKind::inspect, std::nullopt, std::nullopt, {});
    t.looked = e.id;
    t.state.key = Key::off;
    out_.push_back(t);
    if (e.kind == ElementKind::ring || e.kind == ElementKind::sensor ||
        e.kind == ElementKind::module) {
      return;
    }
    Test wiggle = make(TestKind::wiggle, std::nullopt, std::nullopt, {});
    wiggle.state.key = Key::on;
    wiggle.state.disturb = circuit::Disturb{circuit::DisturbKind::flex, e.id};
    const Place plug{Place::Kind::modulePlug, module_};
    wiggle.red = Probe{plug, WireId::a};
    wiggle.black = ground();
    out_.push_back(wiggle);
    if (e.kind == ElementKind::leg) {
      Test pull = t;
      pull.state.disturb = circuit::Disturb{circuit::DisturbKind::pull, e.id};
      out_.push_back(pull);
    }
    // The return of a pair shows in ohms, with the plug off.
    Test ohms = wiggle;
    ohms.state.key = Key::off;
    ohms.state.unplugged = {module_};
    ohms.black = Probe{plug, WireId::b};
    out_.push_back(ohms);
    waterWatched(e);
    groundWatched(e.id);
    for (const auto kind :
         {circuit::DisturbKind::wet, circuit::DisturbKind::shake, circuit::DisturbKind::heat}) {
      for (Test other : {wiggle, ohms}) {
        other.state.disturb->kind = kind;
        out_.push_back(other);
      }
    }
  }

  // What comes and goes, halved: the whole loom is moved with the line apart at a plug, and what
  // jumps lies on the side that is watched. Volts tell of the module's side, whatever the sensor;
  // ohms of the wheel's, where it is a coil.
  void halvesWatched(const Element& plug) {
    const auto watch = [&](Place::Kind side, Key key) {
      const Place place{side, plug.id};
      Test t = make(TestKind::wiggle, Probe{place, WireId::a}, Probe{place, WireId::b}, {plug.id});
      t.state.key = key;
      t.state.disturb = circuit::Disturb{circuit::DisturbKind::flex, ""};
      out_.push_back(t);
    };
    watch(Place::Kind::moduleSide, Key::on);
    if (coil_) {
      watch(Place::Kind::wheelSide, Key::off);
    }
  }

  // Water between a wire and the body: warm air dries a plug, a spray finds the hole in a leg.
  void waterWatched(const Element& e) {
    const Place plug{Place::Kind::modulePlug, module_};
    for (const WireId wire : wires()) {
      Test t = make(TestKind::wiggle, Probe{plug, wire}, ground(), {module_});
      t.state.key = Key::off;
      t.state.disturb = circuit::Disturb{
          e.kind == ElementKind::connector ? circuit::DisturbKind::heat : circuit::DisturbKind::wet,
          e.id};
      out_.push_back(t);
    }
  }

  // A strand that touches the body now and then: with the plug off no more than one wire need show
  // it, and both of a coil through each other.
  void groundWatched(const std::string& element) {
    const Place plug{Place::Kind::modulePlug, module_};
    for (const WireId wire : coil_ ? std::vector{WireId::a} : wires()) {
      Test t = make(TestKind::wiggle, Probe{plug, wire}, ground(), {module_});
      t.state.key = Key::off;
      t.state.disturb = circuit::Disturb{circuit::DisturbKind::flex, element};
      out_.push_back(t);
    }
  }

  void atSensor() {
    const auto* sensor = circuit_.first(ElementKind::sensor);
    if (sensor && coil_) {
      Test t = make(TestKind::benchSensor, std::nullopt, std::nullopt, {});
      t.state.key = Key::off;
      out_.push_back(t);
    }
    Test whole = make(TestKind::wiggle, std::nullopt, std::nullopt, {});
    const Place plug{Place::Kind::modulePlug, module_};
    whole.state.key = Key::off;
    whole.state.unplugged = {module_};
    whole.red = Probe{plug, WireId::a};
    whole.black = Probe{plug, WireId::b};
    groundWatched("");
    for (const auto kind : {circuit::DisturbKind::flex, circuit::DisturbKind::wet,
                            circuit::DisturbKind::shake, circuit::DisturbKind::heat}) {
      whole.state.disturb = circuit::Disturb{kind, ""};
      out_.push_back(whole);
      Test volts = whole;
      volts.state.key = Key::on;
      volts.state.unplugged.clear();
      volts.black = ground();
      out_.push_back(volts);
    }
  }

  void byScanTool() {
    for (const auto motion : {WheelMotion::still, WheelMotion::spun, WheelMotion::driven}) {
      Test t = make(TestKind::codes, std::nullopt, std::nullopt, {});
      t.state.wheel = motion;
      out_.push_back(t);
      if (motion != WheelMotion::still) {
        t.kind = TestKind::liveSpeed;
        out_.push_back(t);
      }
    }
    // Wetted and driven; steered from lock to lock.
    for (const auto kind : {circuit::DisturbKind::wet, circuit::DisturbKind::flex}) {
      Test t = make(TestKind::codes, std::nullopt, std::nullopt, {});
      t.state.wheel = WheelMotion::driven;
      t.state.disturb = circuit::Disturb{kind, ""};
      out_.push_back(t);
    }
    // A deliberate short: does the module see it?
    for (const auto& e : circuit_.path) {
      if (e.kind == ElementKind::connector) {
        Test t = make(TestKind::codes, std::nullopt, std::nullopt, {e.id});
        t.state.jumper = Place{Place::Kind::moduleSide, e.id};
        out_.push_back(t);
      }
    }
  }

  // A substitute signal at the module's pins, and at the sensor's plug on the module half.
  void byInjection() {
    std::vector<Place> places;
    if (case_.ownSupplyPlug) {
      places.push_back({Place::Kind::modulePins, module_});
    }
    if (const auto* joint = circuit_.sensorConnector()) {
      places.push_back({Place::Kind::moduleSide, joint->id});
    }
    for (const auto& place : places) {
      Test t = make(TestKind::liveSpeed, std::nullopt, std::nullopt, {place.element});
      t.state.inject = circuit::Inject{place, kInjectHz, kInjectVolts};
      out_.push_back(t);
    }
  }

  [[nodiscard]] bool wasMade(const Test& test) const {
    return std::any_of(case_.evidence.begin(), case_.evidence.end(), [&](const job::Evidence& e) {
      return !e.withdrawn && circuit::sameTest(e.test, test);
    });
  }

  void bySwap() {
    const Circuit* peer = circuit::peerOf(case_.circuits, circuit_);
    if (!peer || !peer->sensorConnector() || !circuit_.sensorConnector()) {
      return;
    }
    for (const bool good : {true, false}) {
      for (const auto kind : {TestKind::liveSpeed, TestKind::codes}) {
        for (const auto motion : {WheelMotion::spun, WheelMotion::still}) {
          if (kind == TestKind::liveSpeed && motion == WheelMotion::still) {
            continue;
          }
          Test t = make(kind, std::nullopt, std::nullopt, {});
          t.state.swap = good ? circuit::Swap{peer->name, circuit_.name, false}
                              : circuit::Swap{circuit_.name, peer->name, false};
          t.state.wheel = motion;
          out_.push_back(t);
          // Active sensors mind their polarity: once the other way round before anything is blamed.
          if (!coil_ && wasMade(t)) {
            t.state.swap->reversed = true;
            out_.push_back(t);
          }
        }
      }
    }
  }

  const job::Case& case_;
  const Circuit& circuit_;
  std::string module_;
  bool coil_;
  std::vector<Test> out_;
};

}  // namespace

std::vector<Test> possibleTests(const job::Case& c) {
  const Circuit* circuit = c.suspectCircuit();
  return circuit ? Lister(c, *circuit).list() : std::vector<Test>{};
}

}  // namespace haybale::diagnosis
