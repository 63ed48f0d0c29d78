// One reading predicted on a line of twelve elements, against one ngspice process for the same net.
#include <fmt/format.h>

#include <cstdlib>
#include <filesystem>

#include "core/circuit/predict.h"
#include "outside/spice_netlist.h"
#include "timing.h"

using namespace haybale;
using namespace haybale::circuit;

namespace {

Circuit twelveElements() {
  Circuit c = typicalCircuit("RR", "rear right");
  c.sensor.kind = SensorKind::passive;
  c.path.clear();
  const auto add = [&](const std::string& id, ElementKind kind) {
    Element e;
    e.id = id;
    e.kind = kind;
    c.path.push_back(e);
  };
  add("module", ElementKind::module);
  for (int i = 0; i < 4; ++i) {
    add(fmt::format("L{}", i), ElementKind::leg);
    add(fmt::format("C{}", i), ElementKind::connector);
  }
  add("L4", ElementKind::leg);
  add("sensor", ElementKind::sensor);
  add("ring", ElementKind::ring);
  return c;
}

}  // namespace

int main() {
  const Circuit line = twelveElements();
  const ParameterPoint point;
  const std::vector<LineFault> fault{{"L2", FaultKind::series, WireId::a, 5e3}};
  const Probe red{{Place::Kind::modulePlug, "module"}, WireId::a};
  const Probe ground{{Place::Kind::ground, ""}, std::nullopt};
  circuit::Test volts;
  volts.kind = TestKind::dcVoltage;
  volts.circuit = "RR";
  volts.red = red;
  volts.black = ground;

  // The solve alone: the network of the line stands, its currents and voltages are found.
  LineNet net;
  net.build(line, point, volts, fault, {});
  const auto solve = bench::timed(200, 200, [&] { (void)net.net().solve(); });
  double sum = 0;
  const auto whole = bench::timed(200, 200, [&] { sum += *predict(line, point, volts, fault); });

  const std::string folder = std::filesystem::temp_directory_path() / "haybale-bench";
  std::filesystem::create_directories(folder);
  const auto run = test::spiceNetlist(line, point, volts, fault, false, genericMeters().front());
  double theirs = 0;
  const auto spice = bench::timed(15, 1, [&] { theirs = test::runSpice({run}, folder)[0]; });
  const double ours = *predict(line, point, volts, fault);
  fmt::print("line of {} elements, {} nodes\n", line.path.size(), net.net().nodes());
  fmt::print("solve                     {:8.3f} us median, {:8.3f} us p95\n", solve.median * 1e6,
             solve.p95 * 1e6);
  fmt::print("build, meter and solve    {:8.3f} us median, {:8.3f} us p95\n", whole.median * 1e6,
             whole.p95 * 1e6);
  fmt::print("one ngspice process       {:8.3f} ms median\n", spice.median * 1e3);
  fmt::print("ratio ngspice / whole     {:8.0f}\n", spice.median / whole.median);
  fmt::print("readings                  {:.9g} V and {:.9g} V\n", ours, theirs);
  return sum > 0 ? EXIT_SUCCESS : EXIT_FAILURE;
}
