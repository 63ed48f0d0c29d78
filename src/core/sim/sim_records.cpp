// What a scope records of the made-up vehicle, and what its good wheel gives.
#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "core/capture/open.h"
#include "core/signal/substitute.h"
#include "core/sim/sim_vehicle.h"

namespace haybale::sim {

using circuit::isCoil;
using circuit::Test;
using circuit::TestKind;
using circuit::WheelMotion;
using diagnosis::Fault;
using diagnosis::World;

std::optional<capture::Record> SimVehicle::record(const Test& test, double durationS,
                                                  double rateHz) {
  const bool now = shows(test);
  const World world = worldNow(now);
  const bool own = test.circuit == vehicle_.suspect().name;
  const auto* circuit = case_.find(test.circuit);
  const auto& values = own ? values_ : goodValues_;
  Test rest = test;
  rest.kind = TestKind::dcVoltage;
  rest.inputOhm = test.inputOhm.value_or(circuit::kScopeOhm);
  const auto swing = circuit ? vehicle_.electrical(test, world, values) : std::nullopt;
  const double level = vehicle_.electrical(rest, world, values).value_or(0);
  if (!swing) {
    return std::nullopt;
  }
  signal::Substitute wanted;
  const bool coil = isCoil(circuit->sensor.kind);
  const double usual = circuit::wheelKmh(test.state);
  const double kmh = usual * std::exp(0.2 * normal());
  wanted.kmh = [kmh](double) { return kmh; };
  wanted.topKmh = std::max(kmh, 0.1);
  wanted.teeth = circuit->sensor.teeth.value_or(48);
  wanted.circumferenceM = values_.circumferenceM;
  wanted.durationS = durationS;
  wanted.rateHz = rateHz;
  if (coil) {
    // Output is proportional to speed.
    wanted.peakToPeakV = std::max(1e-6, usual > 0 ? *swing * kmh / usual : 0);
  } else {
    wanted.kind = circuit::SensorKind::active;
    wanted.senseOhm = 1.0;
    wanted.lowA = 1.0;
    wanted.highA = 1.0 + std::max(1e-6, usual > 0 ? *swing : 0);
  }
  if (own) {
    switch (world.fault) {
      case Fault::ringTooth:
        wanted.faults.emplace_back(signal::MissingTooth{static_cast<int>(7 + options_.seed % 20)});
        break;
      case Fault::ringCracked:
        wanted.faults.emplace_back(signal::WideGap{11, 45});
        break;
      case Fault::ringRunout:
        wanted.faults.emplace_back(signal::Runout{28});
        break;
      default:
        break;
    }
  }
  if (own && diagnosis::isIntermittent(fault_.fault) && now) {
    wanted.faults.emplace_back(signal::Drop{0.45 * wanted.durationS, 0.12 * wanted.durationS,
                                            fault_.fault == Fault::intermittentOpen
                                                ? signal::DropLevel::flat
                                                : signal::DropLevel::ground});
  }
  auto made = signal::substitute(wanted);
  if (!made) {
    return std::nullopt;
  }
  const double shift = coil ? level : level - 1.0;
  for (auto& v : made->channels[0].samples) {
    v += static_cast<float>(shift + 0.004 * normal());
  }
  return std::move(*made);
}

// Three turns of the wheel, kept as a file.
std::optional<job::Reading> SimVehicle::capture(const Test& test) {
  if (options_.folder.empty()) {
    return std::nullopt;
  }
  const double kmh = std::max(1.0, circuit::wheelKmh(test.state));
  const auto made = record(test, 3 * values_.circumferenceM * 3.6 / kmh, 5000);
  if (!made) {
    return std::nullopt;
  }
  job::Reading r;
  r.file = fmt::format("{}/trace-{}-{}.csv", options_.folder, options_.seed, ++captures_);
  return capture::saveCapture(r.file, *made) ? std::optional(r) : std::nullopt;
}

std::vector<job::Evidence> SimVehicle::goodWheel() {
  std::vector<job::Evidence> out;
  const auto* peer = circuit::peerOf(case_.circuits, vehicle_.suspect());
  if (!peer) {
    return out;
  }
  const std::string module = peer->path.front().id;
  const circuit::Place plug{circuit::Place::Kind::modulePlug, module};
  const circuit::Probe ground{{circuit::Place::Kind::ground, ""}, std::nullopt};
  const auto add = [&](TestKind kind, circuit::WireId red, std::optional<circuit::Probe> black,
                       std::vector<std::string> apart, WheelMotion wheel) {
    job::Evidence e;
    e.id = fmt::format("good{}", out.size());
    e.test.kind = kind;
    e.test.circuit = peer->name;
    e.test.red = circuit::Probe{plug, red};
    e.test.black = std::move(black);
    e.test.state.key = circuit::defaultKey(kind);
    e.test.state.unplugged = std::move(apart);
    e.test.state.wheel = wheel;
    if (circuit::predict(*peer, goodValues_, e.test)) {
      const double slip = std::exchange(options_.slip, 0);  // taken with care
      e.reading = number(e.test, World{});
      options_.slip = slip;
      out.push_back(std::move(e));
    }
  };
  add(TestKind::resistance, circuit::WireId::a, circuit::Probe{plug, circuit::WireId::b}, {module},
      WheelMotion::still);
  add(TestKind::dcVoltage, circuit::WireId::a, ground, {}, WheelMotion::still);
  if (const auto* joint = peer->sensorConnector()) {
    add(TestKind::dcVoltage, circuit::WireId::a, ground, {joint->id}, WheelMotion::still);
  }
  if (isCoil(peer->sensor.kind)) {
    add(TestKind::acVoltage, circuit::WireId::a, circuit::Probe{plug, circuit::WireId::b}, {module},
        WheelMotion::spun);
  } else {
    add(TestKind::dcVoltage, circuit::WireId::b, ground, {}, WheelMotion::still);
  }
  return out;
}

}  // namespace haybale::sim
