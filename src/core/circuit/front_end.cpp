#include "core/circuit/front_end.h"

#include "core/base/say.h"

namespace haybale::circuit {

std::string_view spoken(FrontEndKind kind) {
  switch (kind) {
    case FrontEndKind::singleBias:
      return say("bias on a, b to ground");
    case FrontEndKind::bothBiased:
      return say("bias on both wires");
    case FrontEndKind::highSideSense:
      return say("sense resistor in the feed");
    case FrontEndKind::lowSideSense:
      return say("sense resistor in the return");
    case FrontEndKind::threeWire:
      return say("3-wire, pull-up on the signal");
  }
  return "";
}

namespace {

Pin fedPin(const FrontEnd& f, double volts, double ohm, bool fed) {
  return fed ? Pin{volts, ohm, f.limitA} : Pin{0, kSleepOhm, Pin{}.limitA};
}

}  // namespace

std::array<Pin, 3> pinsOf(const FrontEnd& f, bool fed) {
  const Pin ground{0, kReturnOhm, Pin{}.limitA};
  const Pin bias{fed ? f.supplyV : 0.0, f.sourceOhm, Pin{}.limitA};
  switch (f.kind) {
    case FrontEndKind::singleBias:
      return {bias, ground, Pin{}};
    case FrontEndKind::bothBiased:
      return {bias, bias, Pin{}};
    case FrontEndKind::highSideSense:
      return {fedPin(f, f.supplyV, f.sourceOhm, fed), ground, Pin{}};
    case FrontEndKind::lowSideSense:
      return {fedPin(f, f.supplyV, kFeedOhm, fed), Pin{0, f.sourceOhm, Pin{}.limitA}, Pin{}};
    case FrontEndKind::threeWire:
      return {Pin{fed ? f.pullUpV : 0.0, f.sourceOhm, Pin{}.limitA}, ground,
              fedPin(f, f.supplyV, kFeedOhm, fed)};
  }
  return {};
}

std::optional<double> senseOhm(const FrontEnd& f) {
  const bool sensed = f.kind == FrontEndKind::highSideSense || f.kind == FrontEndKind::lowSideSense;
  return sensed ? std::optional(f.sourceOhm) : std::nullopt;
}

FrontEnd usualFrontEnd(SensorKind kind) {
  FrontEnd f;
  switch (kind) {
    case SensorKind::active:
    case SensorKind::activePwm:
    case SensorKind::activeAk:
      f.kind = FrontEndKind::highSideSense;
      f.supplyV = 11.5;
      f.sourceOhm = 110;
      f.limitA = 0.05;
      break;
    case SensorKind::hall:
      f.kind = FrontEndKind::threeWire;
      f.supplyV = 11.5;
      f.sourceOhm = 2200;
      f.limitA = 0.05;
      break;
    case SensorKind::passive:
    case SensorKind::unknown:
      break;
  }
  return f;
}

}  // namespace haybale::circuit
