#include "core/evidence/void_setup.h"

#include <cmath>

#include "core/base/say.h"

namespace haybale::diagnosis {

using circuit::Key;
using circuit::Place;
using circuit::Probe;
using circuit::SensorKind;
using circuit::Test;
using circuit::TestKind;
using circuit::WheelMotion;

namespace {

bool onBattery(const std::optional<Probe>& probe) {
  return probe && probe->place.kind == Place::Kind::battery;
}

bool behindItsPlug(const std::optional<Probe>& probe, const Test& test) {
  return probe && probe->place.kind == Place::Kind::modulePins &&
         !test.state.isUnplugged(probe->place.element);
}

// Also where a plug is off: what feeds a line is not always known to be off with it.
std::optional<std::string> voidOhms(const Test& test) {
  if (onBattery(test.red) || onBattery(test.black)) {
    return say("Ohms against battery plus: the battery drives the meter, not the circuit.");
  }
  return test.state.key == Key::on && test.state.batteryConnected
             ? std::optional<std::string>(say(
                   "Ohms with the key on: the module feeds the line, so the figure means nothing. "
                   "Key off, then again."))
             : std::nullopt;
}

// A signal needs a turning wheel, and an active sensor its supply.
std::optional<std::string> voidSignal(const circuit::Circuit& circuit, const Test& test) {
  const bool still = test.state.wheel == WheelMotion::still;
  const bool known = circuit.sensor.kind != SensorKind::unknown;
  const bool coil = known && circuit::isCoil(circuit.sensor.kind);
  if (still && test.kind == TestKind::acVoltage) {
    return say(
        "AC volts with the wheel standing: there is no signal to read. Spin it, then again.");
  }
  const auto reach = test.red && test.red->place.onLine()
                         ? circuit::reachFrom(circuit, test.red->place, test.state)
                         : circuit::Reach{true, true};
  if (test.kind == TestKind::acVoltage && !reach.sensor && !test.state.swap && !test.state.inject) {
    return say(
        "AC volts with the sensor unplugged from where the leads are: there is no signal to read. "
        "Plug it in, or measure on its own side, then again.");
  }
  if (!known || coil) {
    return std::nullopt;
  }
  if (test.state.key == Key::off || !test.state.batteryConnected) {
    return say(
        "An active sensor with the key off is not fed: the trace means nothing. Key on, then "
        "again.");
  }
  if (!still && (!reach.sensor || !reach.module)) {
    return say(
        "An active sensor that is unplugged from its module gives no signal: plugged in, "
        "back-probed, then again.");
  }
  return std::nullopt;
}

std::optional<std::string> voidPlace(const Test& test) {
  return behindItsPlug(test.red, test) || behindItsPlug(test.black, test)
             ? std::optional<std::string>(
                   say("The module's own pins cannot be touched while its plug is home."))
             : std::nullopt;
}

// Volts that stand there though the module feeds nothing.
bool comesFromASupply(const job::Evidence& evidence) {
  // What a bridge of damp crust leaves on a wire is less. Common practice, no source.
  constexpr double kFromASupply = 0.5;
  const auto& value = evidence.reading.value;
  return evidence.test.kind == TestKind::dcVoltage && evidence.test.state.key == Key::off &&
         evidence.test.state.batteryConnected && value && !value->overload &&
         std::abs(value->value) >= kFromASupply;
}

}  // namespace

std::optional<std::string> voidReason(const circuit::Circuit& circuit, const Test& test) {
  if (auto reason = voidPlace(test)) {
    return reason;
  }
  switch (test.kind) {
    case TestKind::resistance:
    case TestKind::loop:
      return voidOhms(test);
    case TestKind::dcVoltage:
      return test.state.key == Key::off && !onBattery(test.red) && !onBattery(test.black)
                 ? std::optional<std::string>(
                       say("Volts with the key off: the module feeds nothing, so "
                           "there is nothing to read. Key on, then again."))
                 : std::nullopt;
    case TestKind::acVoltage:
    case TestKind::waveform:
      return voidSignal(circuit, test);
    default:
      return std::nullopt;
  }
}

std::optional<std::string> voidReason(const circuit::Circuit& circuit,
                                      const job::Evidence& evidence) {
  return comesFromASupply(evidence) ? voidPlace(evidence.test) : voidReason(circuit, evidence.test);
}

}  // namespace haybale::diagnosis
