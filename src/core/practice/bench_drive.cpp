#include "core/practice/bench_drive.h"

#include <algorithm>
#include <cmath>

#include "core/practice/made_up.h"

namespace haybale::practice {

using circuit::WireId;
using diagnosis::Fault;

namespace {

// Common practice, no source.
constexpr double kSeconds = 1;
constexpr double kRateHz = 20000;
constexpr double kArrives = 0.5;  // share of the usual swing from which a module sees pulses
constexpr double kLeastV = 1e-3;  // below it a source has nothing to give

// A scope at the module's plug while the wheel is spun. A coil is read with the module off, so that
// what is fed in is not halved by the module's own input; current is read as it flows, on the wire
// in which the module has its resistor.
circuit::Test atTheModule(const circuit::Circuit& circuit, bool coil, WireId wire = WireId::a) {
  circuit::Test test;
  test.kind = circuit::TestKind::waveform;
  test.circuit = circuit.name;
  const circuit::Place plug{circuit::Place::Kind::modulePlug, circuit.path.front().id};
  test.red = circuit::Probe{plug, wire};
  test.black = coil ? circuit::Probe{plug, WireId::b}
                    : circuit::Probe{{circuit::Place::Kind::ground, ""}, std::nullopt};
  test.state.wheel = circuit::WheelMotion::spun;
  test.state.key = coil ? circuit::Key::off : circuit::Key::on;
  if (coil) {
    test.state.unplugged = {plug.element};
  }
  return test;
}

double peakToPeak(const std::optional<capture::Record>& record) {
  if (!record || record->channels.empty() || record->channels.front().samples.empty()) {
    return 0;
  }
  const auto& samples = record->channels.front().samples;
  const auto [low, high] = std::minmax_element(samples.begin(), samples.end());
  return static_cast<double>(*high) - static_cast<double>(*low);
}

double swingOf(sim::SimVehicle& vehicle, const circuit::Circuit& circuit, bool coil) {
  const auto on = [&](WireId wire) {
    return peakToPeak(vehicle.record(atTheModule(circuit, coil, wire), kSeconds, kRateHz));
  };
  return coil ? on(WireId::a) : std::max(on(WireId::a), on(WireId::b));
}

}  // namespace

BenchDrive benchDrive(const Play& play, double kmh) {
  BenchDrive out;
  const auto& known = play.known();
  const auto& suspect = *known.suspectCircuit();
  const auto vehicle = play.likeIt();
  vehicle->holdShown(false);
  const bool coil = circuit::isCoil(suspect.sensor.kind);
  const double circumferenceM = known.rollingCircumferenceM().value_or(1.95);
  out.hz = kmh / 3.6 / circumferenceM * suspect.sensor.teeth.value_or(48);
  const auto* fault = play.unmended();
  if (fault && fault->fault.fault == Fault::ringWrongCount) {
    out.hz *= fault->severity;
  }
  const double swing = swingOf(*vehicle, suspect, coil);
  if (coil) {
    // Output is proportional to speed.
    const auto spun = atTheModule(suspect, coil);
    out.peakToPeakV = swing * kmh / circuit::wheelKmh(spun.state);
    out.on = out.peakToPeakV > kLeastV;
    return out;
  }
  out.square = true;
  out.peakToPeakV = kSwitchV;
  out.offsetV = kSwitchV / 2;
  const auto* peer = circuit::peerOf(known.circuits, suspect);
  const double usual = peer ? swingOf(*vehicle, *peer, coil) : 0;
  out.on = swing > kLeastV && swing >= kArrives * usual;
  if (const auto box = signal::loadBox({})) {
    out.box = *box;
  }
  return out;
}

}  // namespace haybale::practice
