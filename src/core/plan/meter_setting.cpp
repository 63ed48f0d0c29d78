#include "core/plan/meter_setting.h"

#include <fmt/format.h>

#include <cmath>

#include "core/base/say.h"
#include "core/circuit/setup_check.h"

namespace haybale::diagnosis {

using circuit::Test;
using circuit::TestKind;

namespace {

std::string dialFor(const Test& test, const circuit::Meter& meter) {
  switch (test.kind) {
    case TestKind::resistance:
    case TestKind::loop:
      return test.highestRange
                 ? say("Ohms, by hand to ") + units::format(meter.topOhm(), units::Unit::ohm, 2)
                 : std::string(say("Ohms, auto range"));
    case TestKind::dcVoltage:
      return say("DC volts, 20 V range");
    case TestKind::acVoltage:
      return say("AC volts, with the hertz");
    case TestKind::current:
      return say("Milliamperes, in line");
    case TestKind::lamp:
      return test.lamp == circuit::Lamp::led       ? say("LED tester")
             : test.lamp == circuit::Lamp::bulb21W ? say("21 W bulb")
                                                   : say("Test lamp, 250 mA");
    case TestKind::waveform:
      return "Scope";
    default:
      return spoken(test);
  }
}

std::string leadAt(const circuit::Circuit& circuit, const circuit::Probe& probe) {
  if (!probe.place.onLine() || !probe.wire) {
    return circuit::spoken(probe.place);
  }
  const auto& wire = circuit.wire(*probe.wire);
  return fmt::format("{}{}", circuit::kWireNames[static_cast<std::size_t>(*probe.wire)],
                     wire.colour.empty() ? "" : " (" + wire.colour + ")");
}

std::string leadsFor(const circuit::Circuit& circuit, const Test& test) {
  std::string black = test.black ? leadAt(circuit, *test.black) : say("a known good ground");
  if (test.black && test.black->place.onLine() && !(test.black->place == test.red->place)) {
    black += say(" at ") + circuit::spoken(test.black->place);
  }
  return sayf("Red on {} at {}, black on {}; {}", leadAt(circuit, *test.red),
              circuit::spoken(test.red->place), black, circuit::stateText(test.state));
}

std::string expectFor(const circuit::Circuit& circuit, const Test& test,
                      const circuit::Meter& meter, const circuit::LineParameters& known) {
  const auto band = circuit::predictBand(circuit, known, test, {}, meter);
  if (!band) {
    return {};
  }
  if (test.kind == TestKind::lamp) {
    const auto state = circuit::lampState(test.lamp, band->nominal);
    return sayf("On a sound line it is {}",
                circuit::kLampStateNames[static_cast<std::size_t>(state)]);
  }
  if (std::isinf(band->nominal)) {
    return say("A sound line reads OL");
  }
  return say("A sound line reads ") +
         units::formatBand(band->low, band->high, circuit::unitOf(test.kind)) + ", " + known.from;
}

}  // namespace

MeterSetting meterSetting(const circuit::Circuit& circuit, const Test& test,
                          const circuit::Meter& meter, const circuit::LineParameters& known) {
  MeterSetting out;
  out.dial = dialFor(test, meter);
  out.leads = leadsFor(circuit, test);
  out.expect = expectFor(circuit, test, meter, known);
  const auto issues = circuit::checkSetup(circuit, test);
  if (!issues.empty()) {
    out.warning = issues.front().text;
    out.harmful = issues.front().harmful;
  }
  return out;
}

}  // namespace haybale::diagnosis
