#include "core/diagnosis/test_list.h"

#include <algorithm>
#include <set>

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

bool has(const std::vector<std::string>& list, std::string_view what) {
  return std::find(list.begin(), list.end(), what) != list.end();
}

bool electrical(TestKind kind) {
  return circuit::unitOf(kind) != units::Unit::none || kind == TestKind::lamp ||
         kind == TestKind::waveform;
}

// A place that lies bare once the connector it belongs to is apart.
bool bareWhenApart(const Circuit& circuit, const Test& test, const Place& place) {
  if (place.kind == Place::Kind::sensor) {
    const auto* joint = circuit.sensorConnector();
    return joint && test.state.isUnplugged(joint->id);
  }
  return test.state.isUnplugged(place.element);
}

Intrusion touch(const Circuit& circuit, const Test& test, const std::optional<Probe>& probe) {
  if (!probe || !probe->place.onLine() || bareWhenApart(circuit, test, probe->place)) {
    return Intrusion::none;
  }
  const bool within =
      probe->place.kind == Place::Kind::along && probe->place.along > 0 && probe->place.along < 1;
  return within ? Intrusion::pierce : Intrusion::backProbe;
}

std::set<std::string> reached(const job::Case& c, const Test& test) {
  std::set<std::string> out;
  const Circuit* circuit = c.find(test.circuit);
  const auto add = [&](const std::string& name, const std::string& id) {
    if (!id.empty()) {
      out.insert(name + "/" + id);
    }
  };
  for (const auto* probe : {&test.red, &test.black}) {
    if (*probe && (*probe)->place.onLine()) {
      add(test.circuit, (*probe)->place.element);
    }
  }
  for (const auto& id : test.state.unplugged) {
    add(test.circuit, id);
  }
  if (test.state.jumper) {
    add(test.circuit, test.state.jumper->element);
  }
  if (test.state.inject) {
    add(test.circuit, test.state.inject->place.element);
  }
  if (test.state.disturb) {
    add(test.circuit, test.state.disturb->element);
  }
  add(test.circuit, test.looked);
  if (test.kind == TestKind::benchSensor && circuit) {
    if (const auto* sensor = circuit->first(ElementKind::sensor)) {
      add(test.circuit, sensor->id);
    }
  }
  if (test.state.swap) {
    for (const auto& name : {test.state.swap->sensorOf, test.state.swap->into}) {
      const Circuit* other = c.find(name);
      const auto* joint = other ? other->sensorConnector() : nullptr;
      add(name, joint ? joint->id : "");
    }
  }
  return out;
}

class Lister {
 public:
  Lister(const job::Case& c, const Circuit& circuit)
      : case_(c),
        circuit_(circuit),
        module_(circuit.path.front().id),
        coil_(circuit.sensor.kind == SensorKind::passive ||
              circuit.sensor.kind == SensorKind::unknown) {}

  std::vector<Test> list() {
    atModule();
    const Element* before = nullptr;
    for (const auto& e : circuit_.path) {
      if (e.kind == ElementKind::connector) {
        atConnector(e);
        if (before) {
          // What lies between two connectors, alone.
          pairAndGround({Place::Kind::wheelSide, before->id}, {before->id, e.id});
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

  void spun(TestKind kind, const Place& place, const std::vector<std::string>& unplugged) {
    if (coil_) {
      Test t = make(kind, Probe{place, WireId::a}, Probe{place, WireId::b}, unplugged);
      t.state.wheel = WheelMotion::spun;
      t.state.key = unplugged.empty() ? Key::on : Key::off;
      out_.push_back(t);
      return;
    }
    // The current is sensed in the feed or in the return: either wire may carry the signal.
    for (const WireId wire : {WireId::a, WireId::b}) {
      Test t = make(kind, Probe{place, wire}, ground(), unplugged);
      t.state.wheel = WheelMotion::spun;
      out_.push_back(t);
    }
  }

  void atModule() {
    const Place plug{Place::Kind::modulePlug, module_};
    const Place pins{Place::Kind::modulePins, module_};
    pairAndGround(plug, {module_});
    volts(plug, {});
    volts(pins, {module_});
    if (coil_) {
      spun(TestKind::waveform, plug, {module_});
      spun(TestKind::waveform, plug, {});
      spun(TestKind::acVoltage, plug, {module_});
      spun(TestKind::acVoltage, plug, {});
    } else {
      spun(TestKind::waveform, plug, {});
    }
  }

  void atConnector(const Element& e) {
    const Place near{Place::Kind::moduleSide, e.id};
    const Place far{Place::Kind::wheelSide, e.id};
    pairAndGround(far, {e.id});
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
    for (const auto kind :
         {circuit::DisturbKind::wet, circuit::DisturbKind::shake, circuit::DisturbKind::heat}) {
      for (Test other : {wiggle, ohms}) {
        other.state.disturb->kind = kind;
        out_.push_back(other);
      }
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
    std::vector<Place> places{{Place::Kind::modulePins, module_}};
    if (const auto* joint = circuit_.sensorConnector()) {
      places.push_back({Place::Kind::moduleSide, joint->id});
    }
    for (const auto& place : places) {
      Test t = make(TestKind::liveSpeed, std::nullopt, std::nullopt, {place.element});
      t.state.inject = circuit::Inject{place, kInjectHz, kInjectVolts};
      out_.push_back(t);
    }
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

Intrusion intrusionOf(const Circuit& circuit, const Test& test) {
  Intrusion most = std::max(touch(circuit, test, test.red), touch(circuit, test, test.black));
  const bool apart = !test.state.unplugged.empty() || test.state.swap || test.state.jumper ||
                     test.kind == TestKind::benchSensor;
  return std::max(most, apart ? Intrusion::unplug : Intrusion::none);
}

bool permitted(const job::Case& c, const Circuit& circuit, const Test& test) {
  const auto tool = [&](std::string_view name) { return has(c.toolbox, name); };
  bool tools = true;
  switch (test.kind) {
    case TestKind::resistance:
    case TestKind::dcVoltage:
    case TestKind::acVoltage:
    case TestKind::current:
    case TestKind::benchSensor:
      tools = tool("multimeter");
      break;
    case TestKind::loop:
      tools = tool("multimeter") && tool("jumper-leads");
      break;
    case TestKind::lamp:
      tools = tool("test-lamp");
      break;
    case TestKind::waveform:
      tools = tool("scope");
      break;
    case TestKind::codes:
    case TestKind::liveSpeed:
      tools = tool("scan-tool");
      break;
    case TestKind::wiggle:
      tools = test.red ? tool("multimeter") || tool("scope") : tool("scan-tool");
      break;
    case TestKind::inspect:
    case TestKind::other:
      break;
  }
  if ((test.state.swap || test.state.jumper) && !tool("jumper-leads")) {
    return false;
  }
  if (test.state.inject && !tool("signal-source")) {
    return false;
  }
  if (!tools) {
    return false;
  }
  // Each way of touching that is needed must be allowed, not only the most invasive.
  const bool apart = !test.state.unplugged.empty() || test.state.swap || test.state.jumper ||
                     test.kind == TestKind::benchSensor;
  if (apart && !has(c.allowed, "unplug")) {
    return false;
  }
  for (const auto* probe : {&test.red, &test.black}) {
    const Intrusion need = touch(circuit, test, *probe);
    if (need != Intrusion::none &&
        !has(c.allowed, kIntrusionNames[static_cast<std::size_t>(need)])) {
      return false;
    }
  }
  return true;
}

std::vector<Test> possibleTests(const job::Case& c) {
  const Circuit* circuit = c.suspectCircuit();
  return circuit ? Lister(c, *circuit).list() : std::vector<Test>{};
}

Stance stanceOf(const Circuit& circuit, const Test& test) {
  if (test.state.wheel == WheelMotion::driven) {
    return Stance::driving;
  }
  const auto below = [&](const std::string& id) {
    const auto* e = circuit.find(id);
    return e && e->kind != ElementKind::module && e->zone != circuit::Zone::cabin &&
           e->zone != circuit::Zone::engineBay && e->zone != circuit::Zone::unknown;
  };
  bool under = test.state.wheel == WheelMotion::spun || test.state.swap || below(test.looked) ||
               test.kind == TestKind::benchSensor ||
               (test.state.disturb && below(test.state.disturb->element)) ||
               (test.state.jumper && below(test.state.jumper->element)) ||
               (test.state.inject && below(test.state.inject->place.element));
  for (const auto* probe : {&test.red, &test.black}) {
    under = under || (*probe && below((*probe)->place.element));
  }
  for (const auto& id : test.state.unplugged) {
    under = under || below(id);
  }
  return under ? Stance::atWheel : Stance::atModule;
}

namespace {
// At another frequency it is the same test.
std::optional<Place> injectedAt(const Test& t) {
  return t.state.inject ? std::optional(t.state.inject->place) : std::nullopt;
}
}  // namespace

bool sameTest(const Test& a, const Test& b) {
  // A lead left away means ground for volts.
  const auto lead = [](const std::optional<Probe>& p) {
    return p.value_or(Probe{{Place::Kind::ground, ""}, std::nullopt});
  };
  const bool leads = electrical(a.kind) || a.kind == TestKind::wiggle
                         ? lead(a.red) == lead(b.red) && lead(a.black) == lead(b.black)
                         : true;
  const std::set<std::string> apartA(a.state.unplugged.begin(), a.state.unplugged.end());
  const std::set<std::string> apartB(b.state.unplugged.begin(), b.state.unplugged.end());
  return a.kind == b.kind && a.circuit == b.circuit && leads && a.looked == b.looked &&
         a.state.key == b.state.key && a.state.wheel == b.state.wheel && apartA == apartB &&
         a.state.jumper == b.state.jumper && a.state.swap == b.state.swap &&
         injectedAt(a) == injectedAt(b) && a.state.disturb == b.state.disturb;
}

double minutesOf(const job::Case& c, const Test& test) {
  double minutes = 1;
  switch (test.kind) {
    case TestKind::codes:
    case TestKind::wiggle:
    case TestKind::benchSensor:
      minutes = 2;
      break;
    case TestKind::liveSpeed:
    case TestKind::loop:
      minutes = 1.5;
      break;
    case TestKind::waveform:
      minutes = 3;
      break;
    case TestKind::inspect:
      minutes = isPull(test) ? 1 : 0.5;
      break;
    default:
      break;
  }
  std::set<std::string> bare;
  for (const auto& e : c.evidence) {
    bare.merge(reached(c, e.test));
  }
  for (const auto& place : reached(c, test)) {
    const std::size_t slash = place.find('/');
    const Circuit* circuit = c.find(place.substr(0, slash));
    const auto* e = circuit ? circuit->find(place.substr(slash + 1)) : nullptr;
    minutes += bare.contains(place) ? 1 : e ? e->accessMinutes : 5;
  }
  minutes += test.state.wheel == WheelMotion::spun     ? 1
             : test.state.wheel == WheelMotion::driven ? 6
                                                       : 0;
  minutes += test.state.swap || test.state.inject ? 5 : 0;
  const auto hole = [](const std::optional<Probe>& p) {
    return p && p->place.kind == Place::Kind::along && p->place.along > 0 && p->place.along < 1;
  };
  minutes += (hole(test.red) ? 2 : 0) + (hole(test.black) ? 2 : 0);
  const bool wetOrHot =
      test.state.disturb && (test.state.disturb->kind == circuit::DisturbKind::wet ||
                             test.state.disturb->kind == circuit::DisturbKind::heat);
  return minutes + (wetOrHot ? 2 : 0);
}

}  // namespace haybale::diagnosis
