#include "core/circuit/setup_check.h"

#include <algorithm>

#include "core/base/say.h"

namespace haybale::circuit {

namespace {

bool isOhms(TestKind kind) {
  return kind == TestKind::resistance || kind == TestKind::loop;
}

bool isLive(const CarState& state) {
  return state.key == Key::on && state.batteryConnected;
}

class Checker {
 public:
  Checker(const Circuit& circuit, const Test& test) : circuit_(circuit), test_(test) {
    reach_ = reachOf(test.red);
    const Reach black = reachOf(test.black);
    reach_.module = reach_.module || black.module;
    reach_.sensor = reach_.sensor || black.sensor;
  }

  std::vector<SetupIssue> check() {
    checkOhms();
    checkLamp();
    checkJumper();
    checkVolts();
    checkWheel();
    checkCurrent();
    checkLeads();
    std::stable_sort(issues_.begin(), issues_.end(),
                     [](const auto& a, const auto& b) { return a.harmful && !b.harmful; });
    return std::move(issues_);
  }

 private:
  [[nodiscard]] Reach reachOf(const std::optional<Probe>& probe) const {
    return probe && probe->place.onLine() ? reachFrom(circuit_, probe->place, test_.state)
                                          : Reach{};
  }
  [[nodiscard]] bool touches(Place::Kind kind) const {
    return (test_.red && test_.red->place.kind == kind) ||
           (test_.black && test_.black->place.kind == kind);
  }
  [[nodiscard]] bool battery() const { return touches(Place::Kind::battery); }

  void note(SetupFault fault, bool harmful, std::string text) {
    issues_.push_back({fault, harmful, std::move(text)});
  }

  void checkOhms() {
    if (!isOhms(test_.kind)) {
      return;
    }
    if (battery() && test_.state.batteryConnected) {
      note(SetupFault::poweredOhms, true,
           say("Ohms against battery plus: the battery drives the meter. Take the battery off, or "
               "measure volts."));
    } else if (isLive(test_.state) && reach_.module) {
      note(SetupFault::poweredOhms, true,
           say("Ohms on a live circuit mean nothing and can hurt the meter: key off, or unplug the "
               "module."));
    } else if (reach_.module) {
      note(SetupFault::throughModule, false,
           say("The module's own inputs lie in parallel: unplug it, or expect less than the line "
               "alone."));
    }
  }

  void checkLamp() {
    if (test_.kind != TestKind::lamp) {
      return;
    }
    const bool led = test_.lamp == Lamp::led;
    if (reach_.module && isLive(test_.state) && !led) {
      note(SetupFault::lampOnPin, true,
           say("A bulb draws more than a module's pin may deliver: use an LED tester or a "
               "high-impedance meter, or unplug the module."));
    } else if (!test_.state.batteryConnected || (!battery() && !isLive(test_.state))) {
      note(SetupFault::unpowered, false,
           say("Nothing feeds the lamp: key on, or its other lead on battery plus."));
    }
  }

  void checkJumper() {
    if (test_.state.jumper && isLive(test_.state) &&
        reachFrom(circuit_, *test_.state.jumper, test_.state).module) {
      note(SetupFault::shortedInput, true,
           say("The jumper shorts a live input of the module: only where its maker allows that."));
    }
  }

  void checkVolts() {
    if (test_.kind == TestKind::dcVoltage && !isLive(test_.state) && !battery()) {
      note(SetupFault::unpowered, false,
           say("With the key off there is no voltage to find, except one that should not be "
               "there."));
    }
  }

  void checkWheel() {
    const bool signal = test_.kind == TestKind::acVoltage || test_.kind == TestKind::waveform;
    if (signal && test_.state.wheel == WheelMotion::still &&
        circuit_.sensor.kind == SensorKind::passive) {
      note(SetupFault::stillWheel, false,
           say("A coil makes no voltage while the wheel stands: spin it."));
    }
  }

  void checkCurrent() {
    if (test_.kind != TestKind::current) {
      return;
    }
    const bool toGround = !test_.black || test_.black->place.kind == Place::Kind::ground;
    if (battery() || (toGround && reach_.module && isLive(test_.state))) {
      note(SetupFault::currentAcross, true,
           say("An ammeter across a supply is a short: put it in line, across the two halves of an "
               "open connector."));
    }
  }

  void checkLeads() {
    if (test_.red && test_.red == test_.black) {
      note(SetupFault::sameJoint, false, say("Both leads touch the same joint: move one of them."));
    }
    for (const auto* probe : {&test_.red, &test_.black}) {
      if (*probe && hidden((*probe)->place)) {
        note(SetupFault::hiddenPlace, false,
             say("The module's own pins can only be reached while its plug is off."));
        return;
      }
    }
  }

  [[nodiscard]] bool hidden(const Place& place) const {
    return place.kind == Place::Kind::modulePins && !test_.state.isUnplugged(place.element);
  }

  const Circuit& circuit_;
  const Test& test_;
  Reach reach_;
  std::vector<SetupIssue> issues_;
};

}  // namespace

std::vector<SetupIssue> checkSetup(const Circuit& circuit, const Test& test) {
  return test.red ? Checker(circuit, test).check() : std::vector<SetupIssue>{};
}

}  // namespace haybale::circuit
