// A line as many vehicles have it, read as a technician types it.
#pragma once

#include <cmath>
#include <string>
#include <vector>

#include "core/circuit/predict.h"
#include "core/job/reading_line.h"
#include "support/haybale_test.h"

namespace haybale::circuit {

/// A coil of 1100 ohms behind 5 V and 10 kilohms.
class PassiveLine : public testing::Test {
 protected:
  PassiveLine() { circuit.sensor.kind = SensorKind::passive; }

  [[nodiscard]] circuit::Test typed(const char* line) const {
    const auto start =
        job::defaultTest(circuit, {Place::Kind::modulePlug, "module"}, TestKind::resistance);
    return job::parseReadingLine(std::string(line) + " 1", circuit, start).value().test;
  }
  [[nodiscard]] double read(const char* line, const std::vector<LineFault>& faults = {}) const {
    return predict(circuit, point, typed(line), faults).value_or(NAN);
  }

  Circuit circuit = typicalCircuit("RR", "rear right");
  ParameterPoint point = coilPoint();

 private:
  static ParameterPoint coilPoint() {
    ParameterPoint p;
    p.sensor.coilOhm = 1100;  // behind 5 V and 10 kΩ, as a front end is by default
    return p;
  }
};

/// A current sensor of 7 and 14 mA.
class ActiveLine : public PassiveLine {
 protected:
  ActiveLine() {
    circuit.sensor.kind = SensorKind::active;
    point.frontEnd = usualFrontEnd(SensorKind::active);
  }
};

}  // namespace haybale::circuit
