#include "core/vehicle/world.h"

#include <algorithm>

namespace haybale::diagnosis {

using circuit::FaultKind;
using circuit::ParameterPoint;
using circuit::WireId;

World worldOf(const Hypothesis& h, double severity, const ParameterPoint& values) {
  World w;
  w.fault = h.fault;
  const auto put = [&](FaultKind kind, double ohm) {
    const auto at = [&](double along, double each) {
      w.line.push_back({h.element, kind, h.wire.value_or(WireId::a), each, 0, along});
    };
    if (h.bothHalves) {
      at(kModuleHalf, 2 * ohm);  // side by side while it is plugged
      at(kWheelHalf, 2 * ohm);
    } else {
      at(h.along, ohm);
    }
  };
  switch (h.fault) {
    case Fault::open:
    case Fault::resistive:
    case Fault::intermittentOpen:
      put(FaultKind::series, severity);
      break;
    case Fault::wiresTouching:
      put(FaultKind::wiresTouching, severity);
      break;
    case Fault::shortToGround:
    case Fault::leak:
    case Fault::intermittentShort:
      put(FaultKind::leakToGround, severity);
      break;
    case Fault::shortToSupply:
      put(FaultKind::leakToSupply, severity);
      break;
    case Fault::sensorOpen:
      put(FaultKind::coil, severity);
      w.output = 0;
      break;
    case Fault::sensorShorted:
      put(FaultKind::coil, severity);  // the turns that are left give what they give
      break;
    case Fault::wrongSensor:
      // Made for another ring; a coil of fewer ohms is not one of fewer turns.
      put(FaultKind::coil, severity);
      w.output = 0.5 / std::min(1.0, severity / values.sensor.coilOhm);
      break;
    case Fault::sensorDead:
      w.output = 0;
      w.stuck = severity > 0;
      if (!w.stuck) {
        put(FaultKind::sensorDead, 0);
      }
      break;
    case Fault::sensorWeak:
      w.output = w.step = severity;
      break;
    case Fault::wideGap:
    case Fault::debris:
      w.output = severity;
      break;
    case Fault::reversed:
      put(FaultKind::crossed, 0);
      break;
    case Fault::ringWrongCount:
      w.countRatio = severity;
      break;
    case Fault::noSupply:
      put(FaultKind::noSupply, 0);
      break;
    case Fault::latchedOff:
      put(FaultKind::noSupply, 0);
      w.latched = true;
      break;
    case Fault::inputDead:
      w.inputDead = true;
      break;
    case Fault::circuitsExchanged:
      w.exchanged = true;
      w.exchangedAt = h.element;
      break;
    case Fault::modulePower:
      w.modulePower = true;
      w.feedsStill = severity > 0;
      if (!w.feedsStill) {
        put(FaultKind::noSupply, 0);
      }
      break;
    case Fault::encoderReversed:
      w.output = 0;
      break;
    case Fault::wrongTyre:
      w.tyreRatio = severity;
      break;
    case Fault::other:
    case Fault::none:
    case Fault::ringTooth:
    case Fault::ringCracked:
    case Fault::ringRunout:
      break;
  }
  return w;
}

World together(const World& a, const World& b) {
  World out = a;
  out.line.insert(out.line.end(), b.line.begin(), b.line.end());
  out.output *= b.output;
  out.step *= b.step;
  out.stuck = a.stuck || b.stuck;
  out.countRatio *= b.countRatio;
  out.inputDead = a.inputDead || b.inputDead;
  out.exchanged = a.exchanged || b.exchanged;
  out.exchangedAt = a.exchanged ? a.exchangedAt : b.exchangedAt;
  out.latched = a.latched || b.latched;
  out.modulePower = a.modulePower || b.modulePower;
  out.feedsStill = a.feedsStill || b.feedsStill;
  out.tyreRatio *= b.tyreRatio;
  if (isOfTheRing(b.fault) || a.fault == Fault::none) {
    out.fault = b.fault;
  }
  return out;
}

}  // namespace haybale::diagnosis
