#include "core/plan/steps.h"

#include <fmt/format.h>

#include <algorithm>

#include "core/base/say.h"
#include "core/circuit/place_words.h"
#include "core/circuit/predict.h"
#include "core/verdict/move_words.h"

namespace haybale::diagnosis {

using circuit::Circuit;
using circuit::DisturbKind;
using circuit::Key;
using circuit::Place;
using circuit::Probe;
using circuit::Test;
using circuit::TestKind;
using circuit::WheelMotion;

namespace {

constexpr double kSlowKmh = 12;

std::string wireWords(const Circuit& circuit, const Probe& probe) {
  if (!probe.wire) {
    return circuit::placeInWords(circuit, probe.place);
  }
  const auto& wire = circuit.wire(*probe.wire);
  return sayf("wire {}{} at {}", circuit::kWireNames[static_cast<std::size_t>(*probe.wire)],
              wire.colour.empty() ? "" : " (" + wire.colour + ")",
              circuit::placeInWords(circuit, probe.place));
}

class Writer {
 public:
  Writer(const Circuit& circuit, const Test& test) : circuit_(circuit), test_(test) {}

  std::vector<std::string> write() {
    if (isPull(test_)) {
      put(sayf("Lay {} bare.", part(test_.looked)));
      put(say("Pull gently on each wire, a hand's width at a time."));
      put(say("Look whether the insulation stretches: there the copper is gone."));
      return std::move(out_);
    }
    car();
    keyOff();
    apart();
    swap();
    leads();
    keyOn();
    setting();
    act();
    watch();
    return std::move(out_);
  }

 private:
  void put(std::string sentence) { out_.push_back(std::move(sentence)); }
  [[nodiscard]] std::string part(const std::string& id) const {
    return circuit::partInWords(circuit_, id);
  }

  void car() {
    switch (test_.state.wheel) {
      case WheelMotion::spun:
        put(
            say("Raise the wheel so that it turns freely, the car on rated stands, the others "
                "chocked."));
        break;
      case WheelMotion::driven:
        put(say("Warn whoever is about, and have a second person watch the instrument."));
        break;
      case WheelMotion::still:
        put(test_.kind == TestKind::inspect ? say("Car standing, key off.")
                                            : say("Car standing, wheels still."));
        break;
    }
  }

  // Whether a plug is parted or something is joined to the line: never with the key on.
  [[nodiscard]] bool opens() const {
    const auto& state = test_.state;
    return !state.unplugged.empty() || state.jumper || state.swap || state.inject;
  }

  void keyOff() {
    if (test_.kind == TestKind::inspect) {
      return;
    }
    if (opens() || (test_.state.key == Key::off && test_.kind != TestKind::codes)) {
      put(say("Key off, and wait a minute."));
    }
    if (!test_.state.batteryConnected) {
      put(say("Take the battery off at its negative terminal."));
    }
  }

  void apart() {
    for (const auto& id : test_.state.unplugged) {
      const auto* e = circuit_.find(id);
      if (e && e->kind == circuit::ElementKind::module) {
        put(say("Take the module's plug off."));
      } else {
        put(e ? sayf("Unplug {}, {}.", id, circuit::plainName(*e)) : sayf("Unplug {}.", id));
      }
    }
    if (test_.state.jumper) {
      put(sayf("Join wires a and b with a jumper at {}.",
               circuit::placeInWords(circuit_, *test_.state.jumper)));
    }
  }

  void swap() {
    const auto& s = test_.state.swap;
    if (!s) {
      return;
    }
    put(sayf("Unplug the sensors of {} and {}.", s->sensorOf, s->into));
    put(sayf("Run two jumper leads from the sensor of {} to the harness plug of {}{}.", s->sensorOf,
             s->into, s->reversed ? say(", the two exchanged") : ""));
  }

  void leads() {
    if (test_.red) {
      put(sayf("Red lead on {}.", wireWords(circuit_, *test_.red)));
      put(sayf("Black lead on {}.", test_.black && test_.black->place.onLine()
                                        ? wireWords(circuit_, *test_.black)
                                    : test_.black ? circuit::spoken(test_.black->place)
                                                  : std::string(say("a known good ground"))));
    }
    if (test_.state.inject) {
      put(sayf("Substitute signal to {}, the sensor apart.",
               circuit::placeInWords(circuit_, test_.state.inject->place)));
      put(substituteWords(circuit_, *test_.state.inject));
    }
  }

  void keyOn() {
    const bool asked = test_.kind != TestKind::inspect && test_.kind != TestKind::codes;
    const bool standing = test_.state.wheel != WheelMotion::driven;
    if (test_.state.key == Key::on && standing && (asked || opens())) {
      put(say("Key on, engine off."));
    }
  }

  void setting() {
    switch (test_.kind) {
      case TestKind::resistance:
      case TestKind::loop:
        put(say(
            "Meter on ohms, auto range; touch the tips first and take off what the leads read."));
        break;
      case TestKind::dcVoltage:
        put(say("Meter on DC volts."));
        break;
      case TestKind::acVoltage:
        put(say("Meter on AC volts, hertz shown beside them if it can."));
        break;
      case TestKind::waveform:
        put(circuit::isCoil(circuit_.sensor.kind)
                ? say("Scope on 5 V full scale, 1 s a division for a spin.")
                : say("Scope DC coupled, 200 kS/s or more, so that short telegrams are seen."));
        break;
      case TestKind::lamp:
        put(test_.lamp == circuit::Lamp::led ? say("LED tester, or a bulb of some milliamperes.")
                                             : say("Test lamp."));
        break;
      case TestKind::codes:
        put(say("Write down what is stored, then clear the codes and cycle the ignition."));
        break;
      case TestKind::liveSpeed:
        put(say("Scan tool on live wheel speeds, all wheels at once."));
        break;
      case TestKind::wiggle:
        put(test_.red ? (test_.state.key == Key::on ? say("Meter on DC volts, graph or bar on.")
                                                    : say("Meter on ohms, graph or bar on."))
                      : say("Scan tool on live wheel speeds."));
        break;
      case TestKind::current:
        put(say("Meter on milliamperes, in line: a lead on each half of the open connector."));
        break;
      default:
        break;
    }
  }

  void act() {
    if (test_.state.disturb && !test_.state.disturb->element.empty()) {
      disturb(part(test_.state.disturb->element));
    } else if (test_.state.disturb) {
      disturb(say("the whole loom, from the module to the wheel"));
    }
    if (test_.state.wheel == WheelMotion::spun) {
      put(sayf("Spin the wheel by hand, about {}.",
               units::formatPlain(circuit::wheelKmh(test_.state), units::Unit::kmh)));
    } else if (test_.state.wheel == WheelMotion::driven) {
      const double kmh = circuit::wheelKmh(test_.state);
      put(kmh <= kSlowKmh ? say("Drive at walking pace in a straight line, and stop gently.")
                          : sayf("Drive in a straight line at about {}.",
                                 units::formatPlain(kmh, units::Unit::kmh)));
    }
    if (test_.kind == TestKind::inspect) {
      put(sayf("Look at {} without moving it first: crust, chafe, breaks, dirt, seat.",
               part(test_.looked)));
    }
    if (test_.kind == TestKind::benchSensor) {
      put(
          say("Unplug the sensor and take it out, meter in ohms on its two pins, and pass a steel "
              "tool across its tip."));
    }
  }

  void disturb(const std::string& what) {
    switch (test_.state.disturb->kind) {
      case DisturbKind::flex:
        put(sayf("Bend and pinch {}, one place after the other, and steer lock to lock.", what));
        break;
      case DisturbKind::shake:
        put(sayf("Shake and tap {}.", what));
        break;
      case DisturbKind::wet:
        put(sayf("Spray salt water on {}.", what));
        break;
      case DisturbKind::heat:
        put(sayf("Warm {} with air that a hand can bear.", what));
        break;
      case DisturbKind::pull:
        break;
    }
  }

  void watch() {
    switch (test_.kind) {
      case TestKind::codes:
        put(test_.state.wheel == WheelMotion::still
                ? say("Read which codes come back with the car standing.")
                : say("Read which codes come back."));
        break;
      case TestKind::liveSpeed:
        put(say("Look which wheels follow, and which stay, drop out or read otherwise."));
        break;
      case TestKind::wiggle:
        put(say("Watch the reading, and note where it jumps and where it does not."));
        break;
      case TestKind::waveform:
        put(test_.state.wheel == WheelMotion::spun
                ? say("Keep it turning for two turns at least. Look at height, evenness and "
                      "levels; "
                      "keep the "
                      "record.")
                : say("Look at height, evenness and levels; keep the record."));
        break;
      case TestKind::inspect:
        put(say("Note what you see, or that it cannot be seen."));
        break;
      case TestKind::benchSensor:
        put(say("Look whether the reading swings wide or barely moves."));
        break;
      case TestKind::lamp:
        put(say("Look whether it is lit, dim or dark."));
        break;
      default:
        put(say("Write the figure down with all its digits."));
        break;
    }
  }

  const Circuit& circuit_;
  const Test& test_;
  std::vector<std::string> out_;
};

}  // namespace

std::string substituteWords(const Circuit& circuit, const circuit::Inject& inject) {
  switch (circuit::familyOf(circuit.sensor.kind)) {
    case circuit::SensorFamily::regulator:
      return sayf(
          "Draw 7 and 14 mA in turn, {:.4g} times a second, from wire a through the load box.",
          inject.hz);
    case circuit::SensorFamily::hallSwitch:
      return sayf(
          "Pull wire a to the return through a transistor, {:.4g} times a second; no voltage of "
          "your own.",
          inject.hz);
    case circuit::SensorFamily::coil:
      break;
  }
  return sayf(
      "Sine of {:.4g} Hz, {:.2g} V peak to peak, isolated source, across a and b through 1 kΩ.",
      inject.hz, inject.peakToPeakV);
}

std::vector<std::string> stepsOf(const Circuit& circuit, const Test& test) {
  return Writer(circuit, test).write();
}

}  // namespace haybale::diagnosis
