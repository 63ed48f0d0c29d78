#include "random_vehicle.h"

#include <fmt/format.h>

#include "core/belief/ways_to_fail.h"

namespace haybale::bench {

namespace {

// A line of a random make-up.
circuit::Circuit randomLine(const std::string& name, const std::string& where,
                            circuit::SensorKind kind, std::mt19937& random) {
  const auto pick = [&](int n) { return static_cast<int>(random() % static_cast<unsigned>(n)); };
  circuit::Circuit c;
  c.name = name;
  c.location = where;
  c.sensor.kind = kind;
  c.sensor.teeth = 43 + pick(10);
  using circuit::ElementKind;
  using circuit::Zone;
  c.path.push_back({"module", ElementKind::module, Zone::engineBay, 3.0 + pick(3), {}, {}, "", {}});
  const int connectors = 1 + pick(3);
  const Zone zones[] = {Zone::cabin, Zone::engineBay, Zone::underbody, Zone::flex};
  for (int k = 1; k <= connectors; ++k) {
    const bool last = k == connectors;
    const Zone zone = last ? Zone::flex : zones[static_cast<std::size_t>(pick(3))];
    c.path.push_back({fmt::format("L{}", k),
                      ElementKind::leg,
                      zone,
                      3.0 + pick(8),
                      0.5 + 0.1 * pick(30),
                      0.5,
                      "",
                      {}});
    c.path.push_back({fmt::format("C{}", k),
                      ElementKind::connector,
                      last ? Zone::wheelhouse : zone,
                      2.0 + pick(6),
                      {},
                      {},
                      "",
                      {}});
  }
  c.path.push_back(
      {"sensor", ElementKind::sensor, Zone::wheelhouse, 6.0 + pick(4), {}, {}, "", {}});
  c.path.push_back({"ring", ElementKind::ring, Zone::wheelhouse, 4.0 + pick(3), {}, {}, "", {}});
  return c;
}

}  // namespace

job::Case randomCase(std::mt19937& random) {
  job::Case c = job::newCase();
  const auto kind = random() % 2 == 0 ? circuit::SensorKind::passive : circuit::SensorKind::active;
  c.circuits.clear();
  auto right = randomLine("RR", "rear right", kind, random);
  auto left = right;
  left.name = "RL";
  left.location = "rear left";
  c.circuits = {left, right};
  c.suspect = "RR";
  c.circumferenceM = 1.85 + 0.01 * static_cast<double>(random() % 25);
  c.toolbox = {"multimeter", "scope", "scan-tool", "jumper-leads", "test-lamp"};
  c.allowed = {"unplug", "back-probe"};
  return c;
}

sim::HiddenFault randomFault(job::Case& c, std::mt19937& random) {
  const double u = static_cast<double>(random()) / 4294967296.0;
  if (u < 0.12) {
    c.complaint.when = {"sometimes", "bump"};
  } else if (u < 0.25) {
    c.complaint.when = {"wet"};
  } else {
    c.complaint.when = {"always"};
  }
  return sim::drawFault(diagnosis::waysToFail(c), random);
}

}  // namespace haybale::bench
