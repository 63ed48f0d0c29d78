// A fleet of simulated vehicles, one hidden fault in each: right element, minutes, wrong parts,
// calibration; ours against a fixed chart and against fitting the sensor first.
#include <fmt/format.h>

#include <cmath>
#include <cstdlib>
#include <filesystem>
#include <map>
#include <random>

#include "core/diagnosis/guide.h"
#include "core/sim/sim_vehicle.h"
#include "fixed_chart.h"

namespace {

using namespace haybale;
using diagnosis::Hypothesis;

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

using Hidden = sim::HiddenFault;

// How the complaint goes, then what is wrong by the priors that follow from it.
Hidden randomFault(job::Case& c, std::mt19937& random) {
  const double u = static_cast<double>(random()) / 4294967296.0;
  if (u < 0.12) {
    c.complaint.when = {"sometimes", "bump"};
  } else if (u < 0.25) {
    c.complaint.when = {"wet"};
  } else {
    c.complaint.when = {"always"};
  }
  return sim::drawFault(c, random);
}

struct Score {
  int right = 0, wrongParts = 0, tests = 0;
  double minutes = 0;

  void add(bool isRight, bool wrongPart, int howMany, double howLong) {
    right += isRight ? 1 : 0;
    wrongParts += wrongPart ? 1 : 0;
    tests += howMany;
    minutes += howLong;
  }
  void print(const char* name, int vehicles) const {
    const double n = vehicles;
    fmt::print(
        "{:12} right element {:5.1f} %   {:5.1f} minutes   {:4.1f} tests   wrong parts {:4.1f} %\n",
        name, 100 * right / n, minutes / n, tests / n, 100 * wrongParts / n);
  }
};

struct Calibration {
  int given = 0, right = 0;
  double said = 0;
};

// What is bought when the verdict is acted upon.
bool isPart(const std::string& element) {
  return element == "sensor" || element == "ring" || element == "module";
}

struct Run {
  int vehicles = 0;
  Score ours, chart, sensorFirst;
  Calibration sure;
  std::map<std::string, std::pair<int, int>> byFault;
};

void guided(const job::Case& c, const Hidden& hidden, sim::SimVehicle& vehicle,
            const std::string& folder, Run& run, bool tell) {
  diagnosis::Guide guide(c, folder, {60, 1e9});
  std::string told;
  while (const auto* asked = guide.ask()) {
    told += fmt::format("    {:4.1f} min {}\n", asked->minutes, asked->title);
    const auto reading = vehicle.answer(asked->test);
    if (reading) {
      guide.answer(*reading);
    } else {
      guide.cannot();
    }
  }
  const auto& top = guide.conclusion().suspects.front();
  double confidence = 0;
  for (const auto& s : guide.conclusion().suspects) {
    confidence += s.element == top.element ? s.share : 0;
  }
  // A latch-off that clearing has cured may be called nothing wrong.
  const bool cured = hidden.fault.fault == diagnosis::Fault::latchedOff && top.element.empty();
  const bool right = top.element == hidden.fault.element || cured;
  run.ours.add(right, !right && confidence > 0.5 && isPart(top.element), guide.tests(),
               guide.minutes());
  if (confidence >= 0.9) {
    ++run.sure.given;
    run.sure.right += right ? 1 : 0;
    run.sure.said += confidence;
  }
  auto& tally = run.byFault[std::string(diagnosis::nameOf(hidden.fault.fault))];
  tally.first += right ? 1 : 0;
  ++tally.second;
  if (tell && (!right || guide.minutes() > 30)) {
    fmt::print("vehicle {}: {} {}, said {} {} at {:.2f} after {:.0f} min\n{}", run.vehicles,
               hidden.fault.element, diagnosis::nameOf(hidden.fault.fault), top.element, top.fault,
               confidence, guide.minutes(), told);
  }
}

}  // namespace

int main(int argc, char** argv) {
  const int count = argc > 1 ? std::atoi(argv[1]) : 1000;
  const bool tell = argc > 2;
  const auto folder = (std::filesystem::temp_directory_path() / "haybale_fleet").string();
  std::filesystem::create_directories(folder);
  Run run;
  for (int v = 0; v < count; ++v, ++run.vehicles) {
    std::mt19937 random(static_cast<std::uint32_t>(1000 + v));
    job::Case c = randomCase(random);
    const Hidden hidden = randomFault(c, random);
    sim::SimOptions options;
    options.seed = static_cast<std::uint32_t>(v + 1);
    options.folder = folder;
    sim::SimVehicle vehicle(c, hidden.fault, hidden.severity, options);
    c.evidence = vehicle.goodWheel();
    guided(c, hidden, vehicle, folder, run, tell);
    sim::SimVehicle again(c, hidden.fault, hidden.severity, options);
    (void)again.goodWheel();
    const auto worked = bench::workDownTheChart(c, again);
    const bool chartRight = worked.element == hidden.fault.element;
    run.chart.add(chartRight, !chartRight && isPart(worked.element), worked.tests, worked.minutes);
    const bool sensor = hidden.fault.element == "sensor";
    run.sensorFirst.add(sensor, !sensor, 0, 30);
  }
  std::filesystem::remove_all(folder);
  run.ours.print("ours", count);
  run.chart.print("fixed chart", count);
  run.sensorFirst.print("sensor first", count);
  // Common practice, no source: a wrong repair takes an hour, and the car comes back.
  const auto repaired = [&](const Score& s) { return s.minutes + 60.0 * (count - s.right); };
  fmt::print(
      "the same with an hour for each wrong verdict: ours {:.1f}, chart {:.1f} minutes a vehicle\n",
      repaired(run.ours) / count, repaired(run.chart) / count);
  fmt::print("minutes, ours over the chart's: {:.2f} (bar 0.5)\n",
             run.ours.minutes / run.chart.minutes);
  fmt::print("verdicts given with 90 % or more: {}, said {:.1f} %, were right {:.1f} %\n",
             run.sure.given, 100 * run.sure.said / std::max(1, run.sure.given),
             100.0 * run.sure.right / std::max(1, run.sure.given));
  for (const auto& [fault, tally] : run.byFault) {
    fmt::print("  {:20} {} of {}\n", fault, tally.first, tally.second);
  }
  return 0;
}
