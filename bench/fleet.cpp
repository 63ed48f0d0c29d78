// A fleet of simulated vehicles, one hidden fault in each: right element, minutes, wrong parts,
// calibration; ours against fixed charts and against fitting the sensor first.
#include <fmt/format.h>

#include <CLI/CLI.hpp>
#include <algorithm>
#include <cmath>
#include <filesystem>
#include <map>
#include <random>

#include "core/belief/ways_to_fail.h"
#include "core/plan/test_effort.h"
#include "core/plan/test_list.h"
#include "core/priors/priors.h"
#include "core/session/guide.h"
#include "core/sim/sim_vehicle.h"
#include "fixed_chart.h"
#include "random_vehicle.h"

namespace {

using namespace haybale;
using diagnosis::Hypothesis;

using Hidden = sim::HiddenFault;
using bench::randomCase;
using bench::randomFault;

struct Score {
  int right = 0, wrongParts = 0, tests = 0, holes = 0, vehicles = 0;
  double minutes = 0, cured = 0;

  void add(bool isRight, bool wrongPart, int howMany, double howLong, double toTheCure) {
    right += isRight ? 1 : 0;
    wrongParts += wrongPart ? 1 : 0;
    tests += howMany;
    minutes += howLong;
    cured += toTheCure;
    ++vehicles;
  }
  void print(const char* name) const {
    const double n = std::max(1, vehicles);
    fmt::print(
        "{:12} {:4} vehicles  right element {:5.1f} %  {:5.1f} minutes to the verdict, {:5.1f} to "
        "the cure  {:4.1f} tests  {} holes  wrong parts {:4.1f} %\n",
        name, vehicles, 100 * right / n, minutes / n, cured / n, tests / n, holes,
        100 * wrongParts / n);
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

struct Orders {
  int from = 0;
  bool tell = false;
  bool brief = false;
};

struct Run {
  int vehicles = 0;
  Score ours, chart, hurried, sensorFirst, random, twice;
  Calibration sure;
  std::map<std::string, std::pair<int, int>> byFault;
};

// Minutes of a repair that did not help, as options.h has them, and of the proof that it did not:
// codes cleared and a short drive.
double wastedMinutes(const circuit::Circuit& line, const std::string& id) {
  const auto* e = line.find(id);
  if (!e) {
    return 8;
  }
  const double hours = e->kind == circuit::ElementKind::sensor ? 0.5
                       : e->kind == circuit::ElementKind::ring ? 1.5
                                                               : 1.0;
  return 60 * hours + e->accessMinutes + 8;
}

// After the verdict the likeliest is repaired, then the next, until it was the right one.
double minutesToCure(const circuit::Circuit& line, const std::vector<std::string>& order,
                     const std::string& truth, double minutes) {
  for (const auto& id : order) {
    if (id == truth) {
      return minutes;
    }
    minutes += wastedMinutes(line, id);
  }
  return minutes;
}

std::vector<std::string> byShare(const diagnosis::Conclusion& conclusion) {
  auto shares = conclusion.elementShares;
  std::stable_sort(shares.begin(), shares.end(),
                   [](const auto& a, const auto& b) { return a.second > b.second; });
  std::vector<std::string> out;
  for (const auto& [id, share] : shares) {
    out.push_back(id);
  }
  return out;
}

// Where no verdict helps: the sensor, then from the wheel inwards, the ring last but the module.
std::vector<std::string> byHabit(const circuit::Circuit& line, const std::string& first) {
  std::vector<std::string> out{first, "sensor"};
  for (auto e = line.path.rbegin(); e != line.path.rend(); ++e) {
    if (e->kind == circuit::ElementKind::leg || e->kind == circuit::ElementKind::connector) {
      out.push_back(e->id);
    }
  }
  out.insert(out.end(), {"ring", "module"});
  std::vector<std::string> once;
  for (const auto& id : out) {
    if (std::find(once.begin(), once.end(), id) == once.end()) {
      once.push_back(id);
    }
  }
  return once;
}

struct Verdict {
  diagnosis::Conclusion conclusion;
  std::string element;
  double confidence = 0;
  double minutes = 0;
  int tests = 0;
  std::string told;
};

Verdict guide(const job::Case& c, sim::SimVehicle& vehicle, const std::string& folder) {
  Verdict out;
  diagnosis::Guide guide(c, folder, {60, 1e9});
  while (const auto* asked = guide.ask()) {
    out.told += fmt::format("    {:4.1f} min {}\n", asked->minutes, asked->title);
    if (const auto reading = vehicle.answer(asked->test)) {
      guide.answer(*reading);
    } else {
      guide.cannot();
    }
  }
  out.conclusion = guide.conclusion();
  out.element = out.conclusion.suspects.front().element;
  for (const auto& s : out.conclusion.suspects) {
    out.confidence += s.element == out.element ? s.share : 0;
  }
  out.minutes = guide.minutes();
  out.tests = guide.tests();
  return out;
}

void guided(const job::Case& c, const Hidden& hidden, sim::SimVehicle& vehicle,
            const std::string& folder, Run& run, const Orders& orders) {
  const Verdict v = guide(c, vehicle, folder);
  // A latch-off that clearing has cured may be called nothing wrong.
  const bool cured = hidden.fault.fault == diagnosis::Fault::latchedOff && v.element.empty();
  const bool right = v.element == hidden.fault.element || cured;
  run.ours.add(right, !right && v.confidence > 0.5 && isPart(v.element), v.tests, v.minutes,
               cured ? v.minutes
                     : minutesToCure(*c.suspectCircuit(), byShare(v.conclusion),
                                     hidden.fault.element, v.minutes));
  if (v.confidence >= 0.9) {
    ++run.sure.given;
    run.sure.right += right ? 1 : 0;
    run.sure.said += v.confidence;
  }
  auto& tally = run.byFault[std::string(diagnosis::nameOf(hidden.fault.fault))];
  tally.first += right ? 1 : 0;
  ++tally.second;
  if (orders.tell && (!right || v.minutes > 30)) {
    fmt::print("vehicle {}: {} {}, said {} at {:.2f} after {:.0f} min\n{}",
               orders.from + run.vehicles, hidden.fault.element,
               diagnosis::nameOf(hidden.fault.fault), v.element, v.confidence, v.minutes, v.told);
  }
}

// Any permitted test, drawn blindly, until the belief is as sure as ours is; at most forty.
void atRandom(const job::Case& start, const Hidden& hidden, sim::SimVehicle& vehicle,
              const std::string& folder, std::mt19937& random, Run& run) {
  job::Case c = start;
  diagnosis::CaptureShelf shelf;
  diagnosis::LikelihoodMemory memory;
  auto tests = diagnosis::possibleTests(c);
  double minutes = 0;
  int made = 0;
  diagnosis::Conclusion conclusion;
  while (made < 40 && !tests.empty()) {
    const auto at = random() % tests.size();
    const auto test = tests[at];
    tests.erase(tests.begin() + static_cast<std::ptrdiff_t>(at));
    const auto reading = vehicle.answer(test);
    if (!reading) {
      continue;
    }
    minutes += diagnosis::minutesOf(c, test);
    ++made;
    job::Evidence e;
    e.id = c.nextEvidenceId();
    e.test = test;
    e.reading = *reading;
    c.evidence.push_back(std::move(e));
    conclusion = diagnosis::assessCase(c, folder, shelf, {}, &memory).conclusion;
    const auto order = byShare(conclusion);
    const auto top = std::find_if(conclusion.elementShares.begin(), conclusion.elementShares.end(),
                                  [&](const auto& s) { return s.first == order.front(); });
    if (top->second >= priors::of(priors::Id::settled)) {
      break;
    }
  }
  const auto order = byShare(conclusion);
  const bool right = order.front() == hidden.fault.element;
  run.random.add(right, !right && isPart(order.front()), made, minutes,
                 minutesToCure(*c.suspectCircuit(), order, hidden.fault.element, minutes));
}

// Two faults: the first verdict is repaired, and the work begun anew; right when both were named.
void withTwo(job::Case c, const Hidden& hidden, const std::string& folder,
             const sim::SimOptions& options, std::mt19937& random, Run& run) {
  Hidden second = sim::drawFault(diagnosis::waysToFail(c), random);
  while (second.fault.element == hidden.fault.element ||
         diagnosis::isIntermittent(second.fault.fault) ||
         second.fault.fault == diagnosis::Fault::latchedOff) {
    second = sim::drawFault(diagnosis::waysToFail(c), random);
  }
  sim::SimVehicle vehicle(c, hidden.fault, hidden.severity, options);
  vehicle.hideToo(second);
  c.evidence = vehicle.goodWheel();
  double minutes = 0;
  int tests = 0;
  int named = 0;
  int wrong = 0;
  for (int round = 0; round < 2; ++round) {
    const Verdict v = guide(c, vehicle, folder);
    minutes += v.minutes;
    tests += v.tests;
    const bool right = v.element == hidden.fault.element || v.element == second.fault.element;
    named += right ? 1 : 0;
    wrong += !right && isPart(v.element) ? 1 : 0;
    vehicle.repair(v.element);
  }
  run.twice.add(named == 2, wrong > 0, tests, minutes, minutes);
}

void byChart(const job::Case& c, const Hidden& hidden, const sim::SimOptions& options,
             bench::ChartOrder order, Score& score) {
  sim::SimVehicle vehicle(c, hidden.fault, hidden.severity, options);
  (void)vehicle.goodWheel();
  const auto worked = bench::workDownTheChart(
      c, [&](const circuit::Test& test) { return vehicle.answer(test); }, order);
  const bool right = worked.element == hidden.fault.element;
  const auto& line = *c.suspectCircuit();
  score.add(
      right, !right && isPart(worked.element), worked.tests, worked.minutes,
      minutesToCure(line, byHabit(line, worked.element), hidden.fault.element, worked.minutes));
}

void oneVehicle(int v, const std::string& folder, const Orders& orders, Run& run) {
  std::mt19937 random(static_cast<std::uint32_t>(1000 + v));
  job::Case c = randomCase(random);
  const Hidden hidden = randomFault(c, random);
  sim::SimOptions options;
  options.seed = static_cast<std::uint32_t>(v + 1);
  options.folder = folder;
  sim::SimVehicle vehicle(c, hidden.fault, hidden.severity, options);
  c.evidence = vehicle.goodWheel();
  guided(c, hidden, vehicle, folder, run, orders);
  byChart(c, hidden, options, bench::ChartOrder::whole, run.chart);
  byChart(c, hidden, options, bench::ChartOrder::measuringOnly, run.hurried);
  const auto& line = *c.suspectCircuit();
  const bool sensor = hidden.fault.element == "sensor";
  run.sensorFirst.add(sensor, !sensor, 0, 30,
                      minutesToCure(line, byHabit(line, "sensor"), hidden.fault.element, 30));
  if (orders.brief) {
    return;
  }
  if (v % 10 == 0) {
    sim::SimVehicle third(c, hidden.fault, hidden.severity, options);
    (void)third.goodWheel();
    atRandom(c, hidden, third, folder, random, run);
  }
  if (v % 5 == 0) {
    c.evidence.clear();
    withTwo(c, hidden, folder, options, random, run);
  }
}

void tellAll(const Run& run) {
  run.ours.print("ours");
  run.chart.print("fixed chart");
  run.hurried.print("hurried");
  run.sensorFirst.print("sensor first");
  run.random.print("any test");
  run.twice.print("two faults");
  const auto over = [&](const char* name, const Score& chart) {
    fmt::print("minutes, ours over the {} chart's: {:.2f} to the verdict, {:.2f} to the cure\n",
               name, run.ours.minutes / chart.minutes, run.ours.cured / chart.cured);
  };
  over("fixed", run.chart);
  over("hurried", run.hurried);
  fmt::print("verdicts given with 90 % or more: {}, said {:.1f} %, were right {:.1f} %\n",
             run.sure.given, 100 * run.sure.said / std::max(1, run.sure.given),
             100.0 * run.sure.right / std::max(1, run.sure.given));
  for (const auto& [fault, tally] : run.byFault) {
    fmt::print("  {:20} {} of {}\n", fault, tally.first, tally.second);
  }
}

}  // namespace

int main(int argc, char** argv) {
  CLI::App app{"A fleet of simulated vehicles with one hidden fault each"};
  int count = 1000;
  Orders orders;
  app.add_option("count", count, "how many vehicles");
  app.add_option("--from", orders.from, "number of the first, so that a fleet not looked at stays");
  app.add_flag("--tell", orders.tell, "every test of those gone wrong or long");
  app.add_flag("--brief", orders.brief, "only ours and the charts, one fault each");
  CLI11_PARSE(app, argc, argv);
  const auto folder =
      (std::filesystem::temp_directory_path() / fmt::format("haybale_fleet_{}", orders.from))
          .string();
  std::filesystem::create_directories(folder);
  Run run;
  for (int v = 0; v < count; ++v, ++run.vehicles) {
    oneVehicle(orders.from + v, folder, orders, run);
    if (v % 50 == 49) {
      std::filesystem::remove_all(folder);  // captures of vehicles that are done with
      std::filesystem::create_directories(folder);
      if (v + 1 < count) {
        fmt::print("so far, {} of {}:\n", v + 1, count);
        tellAll(run);
        std::fflush(stdout);
      }
    }
  }
  std::filesystem::remove_all(folder);
  tellAll(run);
  return 0;
}
