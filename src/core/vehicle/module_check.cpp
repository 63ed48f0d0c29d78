#include "core/vehicle/module_check.h"

#include <algorithm>
#include <cmath>
#include <vector>

#include "core/base/logistic.h"
#include "core/priors/priors.h"

namespace haybale::diagnosis {

using circuit::Circuit;
using circuit::FaultKind;
using circuit::FrontEndKind;
using circuit::LineFault;
using circuit::Place;
using circuit::Probe;
using circuit::Test;
using circuit::TestKind;
using circuit::WireId;
using priors::Id;
using priors::of;

namespace {

bool anyIs(std::span<const LineFault> faults, FaultKind kind) {
  return std::any_of(faults.begin(), faults.end(), [&](const auto& f) { return f.kind == kind; });
}

Test atItsPins(const CheckedLine& line, TestKind kind) {
  Test test;
  test.kind = kind;
  test.circuit = line.circuit.name;
  test.state = line.state;
  test.state.wheel = circuit::WheelMotion::still;
  test.state.key = circuit::Key::on;
  return test;
}

// Volts between a pin and ground.
double pinVolts(const CheckedLine& line, WireId wire, std::span<const LineFault> faults) {
  Test test = atItsPins(line, TestKind::dcVoltage);
  test.red = Probe{{Place::Kind::modulePins, line.circuit.path.front().id}, wire};
  return circuit::predict(line.circuit, line.values, test, faults).value_or(0);
}

double soundVolts(const CheckedLine& line, WireId wire) {
  return pinVolts({line.circuit, line.values, {}, {}}, wire, {});
}

// Ohms of what hangs on the module, between its two wires.
double loopOhm(const CheckedLine& line) {
  const std::string& module = line.circuit.path.front().id;
  Test test = atItsPins(line, TestKind::resistance);
  test.state.key = circuit::Key::off;
  test.state.unplugged.push_back(module);
  test.red = Probe{{Place::Kind::modulePlug, module}, WireId::a};
  test.black = Probe{{Place::Kind::modulePlug, module}, WireId::b};
  return circuit::predict(line.circuit, line.values, test, line.faults).value_or(1e9);
}

// How far a line is beyond what the check lets pass, in spreads of the threshold: above 0 a code is
// more likely than none.
struct Beyond {
  double open, shortGround, shortSupply;
};

Beyond ofCoil(const CheckedLine& line, double a, double b) {
  const auto& f = line.values.frontEnd;
  const double soundA = soundVolts(line, WireId::a);
  const double loop = loopOhm(line);
  const double spread = of(Id::monitorOpenSpread);
  const double low =
      f.kind == FrontEndKind::bothBiased
          ? std::min(a / std::max(0.1, soundA), b / std::max(0.1, soundVolts(line, WireId::b)))
          : a / std::max(0.02, soundA);
  const double openOhm = 1e3 * of(Id::monitorOpenKohm);
  const double pair = std::log10(of(Id::monitorShortOhm) / std::max(1.0, loop)) / spread;
  return {std::log10(std::clamp(loop, 1.0, 1e9) / openOhm) / spread,
          std::max((of(Id::monitorLowVolt) - low) / of(Id::monitorLowSpread), pair), 0};
}

Beyond ofCurrent(const CheckedLine& line, double a, double b) {
  const auto& f = line.values.frontEnd;
  const bool highSide = f.kind == FrontEndKind::highSideSense;
  const double soundA = soundVolts(line, WireId::a);
  const double sound = highSide ? f.supplyV - soundA : soundVolts(line, WireId::b);
  const double ratio = (highSide ? f.supplyV - a : b) / std::max(0.05, sound);
  const double spread = of(Id::monitorShareSpread);
  Beyond out{};
  out.open = (of(Id::monitorLowShare) - ratio) / spread;
  // The current is that of a tooth or of a gap; a short draws far more.
  out.shortGround = (ratio - of(Id::monitorHighShare)) / (3 * spread);
  if (!highSide) {
    // Sensed in the return, a feed pulled to ground is seen by its own volts.
    out.shortGround =
        std::max(out.shortGround,
                 (of(Id::monitorFeedLow) - a / std::max(1.0, soundA)) / of(Id::monitorLowSpread));
  }
  return out;
}

// It switches its supply off for a moment: what stands on a wire then comes from elsewhere.
double strayVolts(const CheckedLine& line) {
  std::vector<LineFault> unfed(line.faults.begin(), line.faults.end());
  unfed.push_back({line.circuit.path.front().id, FaultKind::noSupply});
  return std::max(pinVolts(line, WireId::a, unfed), pinVolts(line, WireId::b, unfed));
}

}  // namespace

ModuleCheck moduleCheck(const CheckedLine& line) {
  if (line.circuit.sensor.kind == circuit::SensorKind::hall) {
    return {};
  }
  if (anyIs(line.faults, FaultKind::noSupply)) {
    return {of(Id::monitorUnfedOpen), of(Id::monitorUnfedShort), 0};  // no current flows
  }
  const double supply = line.values.frontEnd.supplyV;
  const double a = pinVolts(line, WireId::a, line.faults);
  const double b = pinVolts(line, WireId::b, line.faults);
  const bool coil = circuit::isCoil(line.circuit.sensor.kind);
  Beyond beyond = coil ? ofCoil(line, a, b) : ofCurrent(line, a, b);
  beyond.shortSupply =
      (std::max(a, b) - supply - of(Id::monitorSupplyVolt)) / of(Id::monitorSupplySpread);
  if (!coil && anyIs(line.faults, FaultKind::leakToSupply)) {
    beyond.shortSupply =
        std::max(beyond.shortSupply,
                 (strayVolts(line) - of(Id::monitorStrayVolt)) / of(Id::monitorStraySpread));
  }
  ModuleCheck out;
  out.shortSupply = logistic(beyond.shortSupply);
  out.shortGround = (1 - out.shortSupply) * logistic(beyond.shortGround);
  out.open = (1 - out.shortSupply - out.shortGround) * logistic(beyond.open);
  return out;
}

}  // namespace haybale::diagnosis
