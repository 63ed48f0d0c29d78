#include "core/sim/sim_vehicle.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

namespace haybale::sim {

using circuit::FrontEndKind;
using circuit::SensorKind;
using circuit::Test;
using circuit::TestKind;
using circuit::WheelMotion;
using diagnosis::Fault;
using diagnosis::World;
using job::CodeType;
using job::Sight;

SimVehicle::SimVehicle(job::Case c, diagnosis::Hypothesis fault, double severity,
                       const SimOptions& options)
    : case_(std::move(c)),
      fault_(std::move(fault)),
      severity_(severity),
      options_(options),
      random_(options.seed),
      vehicle_(case_),
      latched_(fault_.fault == Fault::latchedOff) {
  const bool coil = circuit::isCoil(vehicle_.suspect().sensor.kind);
  auto& f = values_.frontEnd;
  f = circuit::usualFrontEnd(vehicle_.suspect().sensor.kind);
  auto& s = values_.sensor;
  // Ranges of the trade, flat between their ends.
  const auto between = [&](double low, double high) { return low + (high - low) * uniform(); };
  if (coil) {
    f.kind = uniform() < 0.75 ? FrontEndKind::singleBias : FrontEndKind::bothBiased;
    f.supplyV = uniform() < 0.5 ? between(2.2, 2.8) : between(4.7, 5.2);
    f.sourceOhm = between(4e3, 15e3);
    s.coilOhm = between(850, 1900);
    s.coilHenry = between(0.4, 1.6);
    s.fluxSwingMwb = between(0.9, 2.6);
  } else if (vehicle_.suspect().sensor.kind != SensorKind::hall) {
    f.kind = uniform() < 0.65 ? FrontEndKind::highSideSense : FrontEndKind::lowSideSense;
    f.supplyV = between(9, 12.3);
    f.sourceOhm = uniform() < 0.5 ? between(70, 120) : between(120, 190);
    s.lowA = between(0.0063, 0.0077);
    s.highA = 2 * s.lowA;
  }
  values_.batteryV = between(12.1, 12.9);
  values_.celsius = between(5, 35);
  values_.circumferenceM = case_.rollingCircumferenceM().value_or(1.95);
  goodValues_ = values_;
  goodValues_.sensor.coilOhm *= 1 + 0.04 * normal();
  goodValues_.sensor.fluxSwingMwb *= 1 + 0.1 * normal();
  goodValues_.frontEnd.supplyV *= 1 + 0.005 * normal();
}

double SimVehicle::uniform() {
  return static_cast<double>(random_()) / 4294967296.0;
}

// Sum of twelve uniform numbers less six: the same on every machine.
double SimVehicle::normal() {
  double sum = -6;
  for (int i = 0; i < 12; ++i) {
    sum += uniform();
  }
  return sum;
}

void SimVehicle::repair(const std::string& element) {
  if (fault_.element == element) {
    const HiddenFault left = second_.value_or(HiddenFault{});
    fault_ = left.fault;
    severity_ = left.severity;
    second_.reset();
    latched_ = fault_.fault == Fault::latchedOff;
    dry_ = false;
  } else if (second_ && second_->fault.element == element) {
    second_.reset();
  }
}

HiddenFault SimVehicle::faultIn(const std::string& element) const {
  if (fault_.element == element) {
    return {fault_, severity_};
  }
  return second_ && second_->fault.element == element ? *second_ : HiddenFault{};
}

bool SimVehicle::shows(const Test& test) {
  if (!diagnosis::isIntermittent(fault_.fault)) {
    return true;
  }
  if (held_) {
    return *held_;
  }
  const auto& state = test.state;
  double p = state.wheel == WheelMotion::driven ? 0.5
             : state.wheel == WheelMotion::spun ? 0.1
                                                : 0.04;
  if (state.disturb) {
    p = state.disturb->element.empty()             ? 0.8
        : state.disturb->element == fault_.element ? 0.9
                                                   : 0.06;
  }
  return uniform() < p;
}

// Warm air and a spray act on water where they reach it.
bool SimVehicle::waterMoves(const circuit::CarState& state) {
  const bool reached = state.disturb && (state.disturb->kind == circuit::DisturbKind::wet ||
                                         state.disturb->kind == circuit::DisturbKind::heat);
  if (!reached || diagnosis::waterShare(fault_.fault, severity_) < 0.5) {
    return false;
  }
  const auto& element = state.disturb->element;
  return uniform() < (element.empty() ? 0.6 : element == fault_.element ? 0.75 : 0.05);
}

// Whether the watched reading shows the world at all.
bool SimVehicle::differs(const Test& test, const World& world) const {
  Test watched = test;
  watched.kind = test.state.key == circuit::Key::on ? TestKind::dcVoltage : TestKind::resistance;
  const auto with = vehicle_.electrical(watched, world, values_);
  const auto without = vehicle_.electrical(watched, World{}, values_);
  if (!with || !without || std::isinf(*with) || std::isinf(*without)) {
    return with && without && std::isinf(*with) != std::isinf(*without);
  }
  return std::abs(*with - *without) > 0.1 * std::abs(*without) + 0.05;
}

World SimVehicle::worldNow(bool shows) const {
  const bool cured = (fault_.fault == Fault::latchedOff && !latched_) || dry_;
  const World first = shows && !cured ? diagnosis::worldOf(fault_, severity_, values_) : World{};
  return second_ ? diagnosis::together(
                       first, diagnosis::worldOf(second_->fault, second_->severity, values_))
                 : first;
}

void SimVehicle::dryOrWet(const circuit::CarState& state) {
  if (!options_.dries || diagnosis::waterShare(fault_.fault, severity_) < 0.5) {
    return;
  }
  const auto& apart = state.unplugged;
  dry_ = dry_ || std::find(apart.begin(), apart.end(), fault_.element) != apart.end();
  const auto& d = state.disturb;
  if (d && d->kind == circuit::DisturbKind::wet &&
      (d->element.empty() || d->element == fault_.element)) {
    dry_ = false;
  }
}

std::optional<job::Reading> SimVehicle::answer(const Test& test) {
  dryOrWet(test.state);
  return answerNow(test);
}

std::optional<job::Reading> SimVehicle::answerNow(const Test& test) {
  if (test.kind == TestKind::waveform) {
    return capture(test);
  }
  const bool now = shows(test);
  const World world = worldNow(now);
  switch (test.kind) {
    case TestKind::codes: {
      auto reading = codes(test, world);
      latched_ = false;
      return reading;
    }
    case TestKind::liveSpeed:
      return speeds(test, world);
    case TestKind::wiggle: {
      const bool comesAndGoes = diagnosis::isIntermittent(fault_.fault);
      const bool moves = comesAndGoes ? now : waterMoves(test.state);
      job::Reading r;
      r.reacts = moves ? !test.red || differs(test, world) : !comesAndGoes && uniform() < 0.02;
      return r;
    }
    case TestKind::inspect:
      return look(test);
    case TestKind::benchSensor: {
      job::Reading r;
      const auto* sensor = vehicle_.suspect().first(circuit::ElementKind::sensor);
      const HiddenFault on = sensor ? faultIn(sensor->id) : HiddenFault{};
      const Fault f = on.fault.fault;
      const double p = f == Fault::sensorOpen || f == Fault::sensorDead ? 0.02
                       : f == Fault::sensorShorted ? (on.severity < 200 ? 0.2 : 0.6)
                       : f == Fault::sensorWeak    ? 0.3
                                                   : 0.98;
      r.swings = uniform() < p;
      return r;
    }
    case TestKind::lamp: {
      const auto share = vehicle_.electrical(test, world, values_);
      if (!share) {
        return std::nullopt;
      }
      job::Reading r;
      r.lamp = circuit::lampState(test.lamp, *share);
      return r;
    }
    default:
      break;
  }
  if (circuit::unitOf(test.kind) == units::Unit::none ||
      !vehicle_.electrical(test, world, values_)) {
    return std::nullopt;
  }
  return number(test, world);
}

job::Reading SimVehicle::number(const Test& test, const World& world) {
  const bool own = test.circuit == vehicle_.suspect().name;
  double value = *vehicle_.electrical(test, world, own ? values_ : goodValues_);
  const auto unit = circuit::unitOf(test.kind);
  job::Reading r;
  r.value = units::Entry{};
  r.value->unit = unit;
  if (test.kind == TestKind::acVoltage) {
    // Spun by hand: half again as fast or slow; the meter shows the hertz.
    const auto* circuit = case_.find(test.circuit);
    const double factor = std::exp(0.25 * normal());
    value *= factor;
    r.hz = factor * circuit::toothHz(*circuit, test.state, values_.circumferenceM);
  }
  if (uniform() < options_.slip) {
    // A probe beside the terminal: nothing is touched.
    value = unit == units::Unit::ohm ? INFINITY : 0;
  }
  value *= 1 + options_.meterError * normal();
  const double top = case_.meter.topOhm();
  if (unit == units::Unit::ohm && (!(value < top) || std::isinf(value))) {
    r.value->overload = true;
    r.value->value = INFINITY;
    return r;
  }
  const double digit = std::pow(10.0, std::floor(std::log10(std::max(std::abs(value), 1e-3))) - 3);
  r.value->value = std::round(value / digit) * digit;
  r.value->resolution = digit;
  return r;
}

job::Reading SimVehicle::codes(const Test& test, const World& world) {
  job::Reading r;
  r.codes.emplace();
  for (const auto& circuit : case_.circuits) {
    const auto m = vehicle_.monitor(circuit.name, test.state, world, values_);
    double u = uniform();
    const auto set = [&](CodeType type) { r.codes->push_back({circuit.name, type, {}}); };
    if (u < m.open) {
      set(uniform() < 0.8 ? CodeType::open : CodeType::openOrShort);
      continue;
    }
    u -= m.open;
    if (u < m.shortGround) {
      set(uniform() < 0.8 ? CodeType::shortGround : CodeType::openOrShort);
      continue;
    }
    u -= m.shortGround;
    if (u < m.shortSupply) {
      set(CodeType::shortSupply);
      continue;
    }
    const bool turned = test.state.wheel == WheelMotion::driven ||
                        (test.state.wheel == WheelMotion::spun && circuit.name == test.circuit);
    const double sets = circuit::wheelKmh(test.state) >= 12 ? 0.95 : 0.5;
    if (turned && uniform() > m.signal && uniform() < sets) {
      set(uniform() < 0.75 ? CodeType::noSignal : CodeType::erratic);
    } else if (turned && m.ringShows && uniform() < 0.85 * sets) {
      set(world.fault == Fault::ringWrongCount || uniform() < 0.3 ? CodeType::implausible
                                                                  : CodeType::erratic);
    }
  }
  return r;
}

job::Reading SimVehicle::speeds(const Test& test, const World& world) {
  job::Reading r;
  const double wheels = circuit::wheelKmh(test.state) * std::exp(0.03 * normal());
  for (const auto& circuit : case_.circuits) {
    const bool own = circuit.name == vehicle_.suspect().name;
    const bool injected = test.state.inject && circuit.name == test.circuit;
    const bool swapped = test.state.swap && (test.state.swap->into == circuit.name ||
                                             test.state.swap->sensorOf == circuit.name);
    const bool turned = test.state.wheel == WheelMotion::driven || swapped || injected ||
                        circuit.name == test.circuit;
    auto state = test.state;
    state.speedKmh = wheels;
    if (!injected) {
      state.inject.reset();
    }
    const double kmh =
        injected ? diagnosis::kmhOf(*test.state.inject, circuit, values_.circumferenceM) : wheels;
    const auto m = vehicle_.monitor(circuit.name, state, world, values_);
    const bool exchanged =
        own && world.exchanged && (injected || test.state.wheel == WheelMotion::spun);
    const bool follows = turned && uniform() < m.signal && !exchanged;
    const double ratio = own && !injected ? world.countRatio : 1;
    r.kmh.emplace_back(circuit.name,
                       follows ? std::round(10 * kmh * ratio * (1 + 0.01 * normal())) / 10 : 0.0);
  }
  return r;
}

job::Reading SimVehicle::look(const Test& test) {
  job::Reading r;
  r.sight = Sight::ok;
  const auto* e = vehicle_.suspect().find(test.looked);
  const Fault lying = faultIn(test.looked).fault.fault;
  const bool here = lying != Fault::none;
  const double u = uniform();
  if (isPull(test)) {
    const double gives = lying == Fault::open               ? 0.75
                         : lying == Fault::intermittentOpen ? 0.35
                         : lying == Fault::resistive        ? 0.2
                                                            : 0.01;
    r.sight = u < gives ? Sight::broken : Sight::ok;
    return r;
  }
  const bool wiring =
      e && (e->kind == circuit::ElementKind::leg || e->kind == circuit::ElementKind::splice);
  if (!here) {
    r.sight = wiring && u < 0.35 ? Sight::hidden
              : u > 0.96         ? (wiring ? Sight::chafed : Sight::corroded)
                                 : Sight::ok;
    return r;
  }
  switch (lying) {
    case Fault::ringTooth:
      r.sight = u < 0.7 ? Sight::missingTooth : Sight::ok;
      break;
    case Fault::ringCracked:
      r.sight = u < 0.7 ? Sight::cracked : Sight::ok;
      break;
    case Fault::wideGap:
      r.sight = u < 0.35 ? Sight::debris : u < 0.7 ? Sight::notSeated : Sight::ok;
      break;
    default:
      if (wiring) {
        r.sight = u < 0.2    ? Sight::chafed
                  : u < 0.4  ? Sight::broken
                  : u < 0.65 ? Sight::hidden
                             : Sight::ok;
      } else if (e && e->kind == circuit::ElementKind::connector) {
        r.sight = u < 0.6 ? Sight::corroded : u < 0.7 ? Sight::loose : Sight::ok;
      }
      break;
  }
  return r;
}

// A record of what the leads carry, for the trace analysis to read; standing still, the rest level.
}  // namespace haybale::sim
