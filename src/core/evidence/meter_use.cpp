#include "core/evidence/meter_use.h"

#include "core/circuit/predict.h"
#include "core/physics/tyre.h"

namespace haybale::diagnosis {

using circuit::TestKind;

judging::Accuracy accuracyFor(const circuit::Meter& meter, TestKind kind) {
  switch (kind) {
    case TestKind::resistance:
    case TestKind::loop:
      return meter.ohm;
    case TestKind::acVoltage:
      return meter.ac;
    case TestKind::current:
      return meter.ampere;
    default:
      return meter.dc;
  }
}

double standardUncertainty(const circuit::Meter& meter, const units::Entry& entry, TestKind kind) {
  if (entry.overload) {
    return 0;
  }
  const double step = entry.resolution > 0
                          ? entry.resolution
                          : circuit::displayStep(meter, circuit::unitOf(kind), entry.value);
  return judging::rectangularU(accuracyFor(meter, kind).halfWidth(entry.value, step));
}

circuit::Test asMeasured(const job::Case& c, const job::Evidence& e) {
  circuit::Test test = e.test;
  const auto* circuit = c.find(test.circuit);
  if (test.kind == TestKind::acVoltage && e.reading.hz && circuit) {
    if (test.state.wheel == circuit::WheelMotion::still) {
      test.state.wheel = circuit::WheelMotion::spun;
    }
    test.state.speedKmh =
        physics::speedKmh(*e.reading.hz, circuit->sensor.teeth.value_or(circuit::kUsualTeeth),
                          c.rollingCircumferenceM().value_or(circuit::kUsualCircumferenceM));
  }
  return test;
}

bool speedUnknown(const job::Evidence& e) {
  return e.test.kind == TestKind::acVoltage && !e.reading.hz && !e.test.state.speedKmh;
}

}  // namespace haybale::diagnosis
