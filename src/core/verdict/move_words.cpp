#include "core/verdict/move_words.h"

#include <fmt/format.h>

#include <cmath>

#include "core/base/say.h"
#include "core/circuit/place_words.h"

namespace haybale::diagnosis {

using circuit::Circuit;
using circuit::Test;
using circuit::TestKind;

namespace {

// Places and parts as a title has them: in words where the circuit is known, else in letters.
struct Named {
  const Circuit* circuit;

  [[nodiscard]] std::string place(const circuit::Place& place) const {
    return circuit ? circuit::placeForTitle(*circuit, place) : circuit::spoken(place);
  }
  [[nodiscard]] std::string part(const std::string& id) const {
    return circuit ? circuit::partForTitle(*circuit, id) : id;
  }
};

bool pair(const Test& test) {
  return test.black && test.black->place.onLine();
}

std::string spin(const Test& test) {
  return test.state.wheel == circuit::WheelMotion::spun     ? say(", wheel spun")
         : test.state.wheel == circuit::WheelMotion::driven ? say(", driven")
                                                            : "";
}

std::string wireOf(const Test& test) {
  return test.red && test.red->wire
             ? sayf("wire {}", circuit::kWireNames[static_cast<std::size_t>(*test.red->wire)])
             : std::string(say("the wire"));
}

// Volts at a connector are one thing with it apart and another with the load behind it.
std::string plugged(const Test& test) {
  const bool half = test.red && (test.red->place.kind == circuit::Place::Kind::moduleSide ||
                                 test.red->place.kind == circuit::Place::Kind::wheelSide);
  return half && !test.state.isUnplugged(test.red->place.element) ? say(", plugged") : "";
}

std::string disturbWords(const Test& test) {
  if (!test.state.disturb) {
    return "";
  }
  switch (test.state.disturb->kind) {
    case circuit::DisturbKind::wet:
      return say(", wetted with salt water");
    case circuit::DisturbKind::shake:
      return say(", over the same bump");
    case circuit::DisturbKind::heat:
      return say(", driven warm");
    case circuit::DisturbKind::flex:
    case circuit::DisturbKind::pull:
      break;
  }
  return say(", steered lock to lock");
}

std::string swapWords(const Test& test) {
  return test.state.swap ? sayf(", sensor of {} on the harness of {}", test.state.swap->sensorOf,
                                test.state.swap->into)
                         : "";
}

// What the eyes are on while the hands are at the loom.
std::string watched(const Named& named, const Test& test) {
  if (!test.red) {
    return say("the live speeds");
  }
  const std::string of = pair(test) ? std::string(say("the pair")) : wireOf(test);
  const auto& place = test.red->place;
  if (place.kind == circuit::Place::Kind::moduleSide ||
      place.kind == circuit::Place::Kind::wheelSide) {
    return test.state.key == circuit::Key::on
               ? sayf("the volts of {} at {}", of, named.place(place))
               : sayf("the ohms of {} at {}", of, named.place(place));
  }
  return test.state.key == circuit::Key::on ? sayf("the volts of {}", of)
                                            : sayf("the ohms of {}", of);
}

// Plugs that are apart beside the one that is measured at: the line ends there.
std::string alsoApart(const Named& named, const Test& test) {
  std::string out;
  for (const auto& id : test.state.unplugged) {
    const bool here = (test.red && test.red->place.element == id) ||
                      (test.black && test.black->place.element == id) ||
                      (test.state.jumper && test.state.jumper->element == id);
    if (!here && id != "module") {
      out += sayf(", {} apart", named.part(id));
    }
  }
  return out;
}

// Volts and traces are taken there with the module's plug off or from behind it.
std::string behindPlug(const Test& test) {
  const bool there = test.red && (test.red->place.kind == circuit::Place::Kind::modulePlug ||
                                  test.red->place.kind == circuit::Place::Kind::modulePins);
  return there && !test.state.isUnplugged("module") ? say(", plugged") : plugged(test);
}

std::string watchedTitle(const Named& named, const Test& test, const std::string& what) {
  using Kind = circuit::DisturbKind;
  switch (test.state.disturb ? test.state.disturb->kind : Kind::flex) {
    case Kind::wet:
      return sayf("Wet {} while watching {}", what, watched(named, test));
    case Kind::shake:
      return sayf("Shake {} while watching {}", what, watched(named, test));
    case Kind::heat:
      return sayf("Warm {} while watching {}", what, watched(named, test));
    case Kind::pull:
      return sayf("Pull on {} while watching {}", what, watched(named, test));
    case Kind::flex:
      break;
  }
  return sayf("Flex {} while watching {}", what, watched(named, test));
}

std::string titleOf(const Named& named, const Test& test) {
  const std::string place = test.red ? named.place(test.red->place) : std::string();
  switch (test.kind) {
    case TestKind::resistance:
      if (pair(test) && !(test.red->place == test.black->place)) {
        return sayf("Ohms of wire {} from {} to {}",
                    circuit::kWireNames[static_cast<std::size_t>(*test.red->wire)], place,
                    named.place(test.black->place));
      }
      return (pair(test) ? say("Ohms of the pair at ")
                         : say("Ohms of ") + wireOf(test) + say(" to ground at ")) +
             place + alsoApart(named, test);
    case TestKind::loop:
      return (place.starts_with("module") ? say("Loop check from the ") : say("Loop check from ")) +
             place +
             (test.state.jumper ? sayf(" to {}", named.part(test.state.jumper->element)) : "");
    case TestKind::waveform:
      return (!pair(test) ? sayf("Scope trace of {} at ", wireOf(test))
              : named.circuit || !place.starts_with("module")
                  ? std::string(say("Scope trace at "))
                  : std::string(say("Scope trace at the "))) +
             place + behindPlug(test) +
             (test.state.wheel == circuit::WheelMotion::driven ? spin(test) : "");
    case TestKind::acVoltage:
      return (pair(test) ? std::string(say("AC volts at "))
                         : sayf("AC volts of {} at ", wireOf(test))) +
             place + behindPlug(test) + spin(test);
    case TestKind::codes:
      return (test.state.jumper ? say("Deliberate short at ") +
                                      named.part(test.state.jumper->element) + say(", then codes")
                                : say("Clear codes and read them again")) +
             spin(test) + disturbWords(test) + swapWords(test);
    case TestKind::liveSpeed:
      if (test.state.inject) {
        return say("Substitute signal at ") + named.place(test.state.inject->place) +
               say(", live speed");
      }
      return say("Live speeds") + spin(test) + swapWords(test);
    case TestKind::wiggle: {
      return watchedTitle(named, test,
                          test.state.disturb && !test.state.disturb->element.empty()
                              ? named.part(test.state.disturb->element)
                              : std::string(say("the whole loom")));
    }
    case TestKind::lamp:
      return test.red && test.red->place.kind == circuit::Place::Kind::battery
                 ? say("Test lamp from battery plus to the return at ") +
                       named.place(test.black->place)
                 : say("Test lamp to ground at ") + place;
    case TestKind::inspect:
      return (!isPull(test)   ? say("Look at ")
              : named.circuit ? say("Pull on ")
                              : say("Pull on the wires of ")) +
             named.part(test.looked);
    case TestKind::benchSensor:
      return say("Steel across the sensor's tip");
    default:
      if (pair(test) && !(test.red->place == test.black->place)) {
        return say("Voltage drop over ") + named.part(test.red->place.element) + ", " +
               wireOf(test);
      }
      return (pair(test) ? say("Volts across the pair at ")
                         : say("Volts of ") + wireOf(test) + say(" to ground at ")) +
             place + behindPlug(test) + alsoApart(named, test);
  }
}

}  // namespace

std::string titleFor(const Circuit& circuit, const Test& test) {
  return titleOf({&circuit}, test);
}

std::string titleFor(const Test& test) {
  return titleOf({nullptr}, test);
}

namespace {

// What the leads belong to; a plug measured at with the wrong range is a wrong number.
std::string instrumentFor(const Test& test) {
  const bool live = test.state.key == circuit::Key::on;
  switch (test.kind) {
    case TestKind::resistance:
    case TestKind::loop:
      return say("Meter on ohms. ");
    case TestKind::dcVoltage:
      return say("Meter on DC volts. ");
    case TestKind::acVoltage:
      return say("Meter on AC volts. ");
    case TestKind::current:
      return say("Meter on milliamperes, in series. ");
    case TestKind::waveform:
      return say("Scope. ");
    case TestKind::lamp:
      return say("Test lamp. ");
    case TestKind::wiggle:
      return live ? say("Meter on DC volts. ") : say("Meter on ohms. ");
    default:
      return "";
  }
}

}  // namespace

std::string instructionsFor(const Circuit& circuit, const Test& test) {
  const auto wire = [&](circuit::WireId id) {
    const auto& w = circuit.wire(id);
    return say("wire ") + std::string(circuit::kWireNames[static_cast<std::size_t>(id)]) +
           (w.colour.empty() ? "" : " (" + w.colour + ")");
  };
  const std::string state = circuit::stateText(test.state);
  if (isPull(test)) {
    return sayf(
        "Pull gently on each wire of {}, a hand's width at a time: where its copper is gone the "
        "insulation stretches.",
        circuit::partInWords(circuit, test.looked));
  }
  if (test.red) {
    std::string text = instrumentFor(test) + say("Red on ") +
                       (test.red->wire ? wire(*test.red->wire) + say(" at ") : std::string()) +
                       circuit::placeInWords(circuit, test.red->place) + say(", black on ");
    text += test.black && test.black->wire
                ? wire(*test.black->wire) +
                      (test.red->place == test.black->place
                           ? ""
                           : say(" at ") + circuit::placeInWords(circuit, test.black->place))
                : std::string(say("a known good ground"));
    return text + "; " + state + ".";
  }
  if (test.kind == TestKind::inspect) {
    return sayf("Look at {} without moving it first: crust, chafe, breaks, dirt, seat; {}.",
                circuit::partInWords(circuit, test.looked), state);
  }
  return titleFor(circuit, test) + "; " + state + ".";
}

namespace {

double valueAt(const Scale& scale, double at) {
  if (circuit::unitOf(scale.kind) == units::Unit::ohm) {
    constexpr double kFloor = 3;
    return std::max(0.0, std::pow(10.0, at) - kFloor);
  }
  return scale.logarithmic()               ? std::max(0.0, std::pow(10.0, at) - 0.02)
         : scale.kind == TestKind::current ? at / 1e3
                                           : at;
}

// A figure where it is known to a tenth or so, else the band it lies in.
std::string about(const Scale& scale, double at, double spread, double sound, units::Unit unit) {
  const double low = valueAt(scale, at - 1.5 * spread);
  const double high = valueAt(scale, at + 1.5 * spread);
  return high - low > 0.4 * std::abs(sound) && low > 0 && std::isfinite(high)
             ? units::formatBand(low, high, unit, 2)
             : units::format(sound, unit, 2);
}

}  // namespace

std::string sayValue(const Test& test, const Scale& scale, double x, double soundAt, double spread,
                     double sound) {
  const auto unit = circuit::unitOf(test.kind);
  const bool ohms = unit == units::Unit::ohm;
  const double top = ohms ? scale.at(scale.topOhm) : 1e9;
  if (ohms && x > top - 0.04) {
    return "OL";
  }
  constexpr double kNothing = 1e-4;
  if (!ohms && std::abs(x - soundAt) < 2 * spread && std::abs(sound) < kNothing) {
    return say("near nothing");
  }
  if (std::abs(x - soundAt) < 2 * spread) {
    return say("about ") + about(scale, soundAt, spread, sound, unit);
  }
  if (ohms) {
    const double value = std::max(0.0, std::pow(10.0, x) - 3);
    const int decade = static_cast<int>(std::floor(std::log10(std::max(value, 0.1))));
    if (decade < 2) {
      return say("under 100 \xCE\xA9");
    }
    return units::format(std::pow(10.0, decade), unit, 1) + say(" up to ") +
           units::format(std::pow(10.0, decade + 1), unit, 2);
  }
  const auto back = [&](double at) { return valueAt(scale, at); };
  if (std::abs(back(x)) < 0.1 * std::max(std::abs(sound), 0.2)) {
    return say("near nothing");
  }
  return x > soundAt ? say("above ") + units::format(back(soundAt + 2 * spread), unit, 2)
                     : say("below ") + units::format(back(soundAt - 2 * spread), unit, 2);
}

std::string sayBetween(const Scale& scale, double from, double to) {
  const auto unit =
      scale.kind == TestKind::waveform ? units::Unit::volt : circuit::unitOf(scale.kind);
  return units::formatBand(valueAt(scale, from), valueAt(scale, to), unit, 2);
}

std::string sayReading(const job::Reading& r) {
  if (r.codes) {
    std::string text;
    for (const auto& code : *r.codes) {
      text += (text.empty() ? "" : ", ") + code.circuit + " " +
              sayName(job::kCodeTypeNames[static_cast<std::size_t>(code.type)]);
    }
    return text.empty() ? say("no code returned") : text;
  }
  if (!r.kmh.empty()) {
    std::string text;
    for (const auto& [circuit, kmh] : r.kmh) {
      text += (text.empty() ? "" : ", ") + circuit + " " + units::format(kmh, units::Unit::kmh);
    }
    return text;
  }
  if (r.reacts) {
    return *r.reacts ? say("the reading jumps") : say("the reading stays");
  }
  if (r.sight) {
    return sayName(job::kSightNames[static_cast<std::size_t>(*r.sight)]);
  }
  if (r.lamp) {
    return sayName(circuit::kLampStateNames[static_cast<std::size_t>(*r.lamp)]);
  }
  if (r.swings) {
    return *r.swings ? say("swings wide") : say("barely moves");
  }
  return say("kept");
}

}  // namespace haybale::diagnosis
