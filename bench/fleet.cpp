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

struct Hidden {
  Hypothesis fault;
  double severity;
};

Hidden randomFault(job::Case& c, std::mt19937& random) {
  const double u = static_cast<double>(random()) / 4294967296.0;
  if (u < 0.12) {
    c.complaint.when = {"sometimes", "bump"};
  } else if (u < 0.25) {
    c.complaint.when = {"wet"};
  } else {
    c.complaint.when = {"always"};
  }
  auto all = diagnosis::allHypotheses(c, *c.suspectCircuit());
  std::erase_if(all, [](const Hypothesis& h) { return h.fault == diagnosis::Fault::none; });
  double total = 0;
  for (const auto& h : all) {
    total += h.prior;
  }
  double at = total * static_cast<double>(random()) / 4294967296.0;
  Hypothesis chosen = all.back();
  for (const auto& h : all) {
    at -= h.prior;
    if (at <= 0) {
      chosen = h;
      break;
    }
  }
  const double share = static_cast<double>(random()) / 4294967296.0;
  double severity = chosen.steps.front();
  if (chosen.steps.size() > 1) {
    const double top = std::min(chosen.steps.back(), 1e9);
    severity = chosen.steps.front() * std::pow(top / chosen.steps.front(), share);
    if (chosen.steps.back() > 1e14 && share > 0.5) {
      severity = chosen.steps.back();
    }
  }
  return {chosen, severity};
}

struct Score {
  int vehicles = 0, right = 0, wrongParts = 0;
  double minutes = 0, tests = 0;
  int sure = 0, sureRight = 0;
  std::map<std::string, std::pair<int, int>> byFault;
};

}  // namespace

int main(int argc, char** argv) {
  const int count = argc > 1 ? std::atoi(argv[1]) : 1000;
  const bool tell = argc > 2;
  const auto folder = (std::filesystem::temp_directory_path() / "haybale_fleet").string();
  std::filesystem::create_directories(folder);
  Score ours;
  Score partFirst;
  for (int v = 0; v < count; ++v) {
    std::mt19937 random(static_cast<std::uint32_t>(1000 + v));
    job::Case c = randomCase(random);
    const Hidden hidden = randomFault(c, random);
    sim::SimOptions options;
    options.seed = static_cast<std::uint32_t>(v + 1);
    options.folder = folder;
    sim::SimVehicle vehicle(c, hidden.fault, hidden.severity, options);
    c.evidence = vehicle.goodWheel();
    diagnosis::Guide guide(c, folder, {60, 1e9});
    std::string told;
    while (const auto* asked = guide.ask()) {
      const auto reading = vehicle.answer(asked->test);
      if (tell) {
        told += fmt::format("    {} -> {}\n", asked->title,
                            reading && reading->value
                                ? (reading->value->overload
                                       ? "OL"
                                       : units::format(reading->value->value, reading->value->unit))
                                : "seen");
      }
      if (reading) {
        guide.answer(*reading);
      } else {
        guide.cannot();
      }
    }
    const auto& suspects = guide.conclusion().suspects;
    double confidence = 0;
    for (const auto& s : suspects) {
      confidence += s.element == suspects.front().element ? s.share : 0;
    }
    // A latch-off that clearing has cured may be called nothing wrong.
    const bool cured =
        hidden.fault.fault == diagnosis::Fault::latchedOff && suspects.front().element.empty();
    const bool right = suspects.front().element == hidden.fault.element || cured ||
                       (hidden.fault.fault == diagnosis::Fault::wideGap &&
                        suspects.front().element == "ring" && suspects.front().fault == "wide-gap");
    ++ours.vehicles;
    ours.right += right ? 1 : 0;
    ours.minutes += guide.minutes();
    ours.tests += guide.tests();
    ours.wrongParts +=
        !right && (suspects.front().element == "sensor" || suspects.front().element == "ring" ||
                   suspects.front().element == "module")
            ? 1
            : 0;
    if (confidence >= 0.9 && confidence < 0.95) {
      // counted below with all that is given with 90 % or more
    }
    if (confidence >= 0.9) {
      ++ours.sure;
      ours.sureRight += right ? 1 : 0;
    }
    auto& tally = ours.byFault[std::string(diagnosis::nameOf(hidden.fault.fault))];
    ++tally.second;
    tally.first += right ? 1 : 0;
    ++partFirst.vehicles;
    partFirst.wrongParts += hidden.fault.element != "sensor" ? 1 : 0;
    if (tell && !right) {
      diagnosis::CaptureShelf shelf;
      const auto last = diagnosis::assessCase(guide.job(), folder, shelf);
      for (std::size_t i = 0; i < last.proposals.size() && i < 4; ++i) {
        told += fmt::format("    could: {} {:.3f} bits {:.1f} min score {:.4f}\n", last.proposals[i].title,
                            last.proposals[i].bits, last.proposals[i].minutes, last.proposals[i].score);
      }
      for (std::size_t i = 0; i < last.conclusion.suspects.size() && i < 4; ++i) {
        const auto& s = last.conclusion.suspects[i];
        told += fmt::format("    {} {} {} {:.2f}\n", s.element, s.fault, s.wire ? static_cast<int>(*s.wire) : -1, s.share);
      }
      told += "    " + last.conclusion.headline + "\n";
      fmt::print(
          "vehicle {}: {} {} wire {} at {:.3g} ({}), said {} {} {:.2f} after {} tests, {:.0f} "
          "min\n{}",
          v, hidden.fault.element, diagnosis::nameOf(hidden.fault.fault),
          hidden.fault.wire ? static_cast<int>(*hidden.fault.wire) : -1, hidden.severity,
          circuit::kSensorKindNames[static_cast<std::size_t>(c.suspectCircuit()->sensor.kind)],
          suspects.front().element, suspects.front().fault, confidence, guide.tests(),
          guide.minutes(), told);
    }
  }
  std::filesystem::remove_all(folder);
  const double n = ours.vehicles;
  fmt::print(
      "{} vehicles: right element {:.1f} % (bar 95), {:.1f} minutes, {:.1f} tests, wrong parts "
      "{:.1f} %\n",
      ours.vehicles, 100 * ours.right / n, ours.minutes / n, ours.tests / n,
      100 * ours.wrongParts / n);
  fmt::print("of {} verdicts given with 90 % or more, {:.1f} % were right\n", ours.sure,
             ours.sure ? 100.0 * ours.sureRight / ours.sure : 0.0);
  fmt::print("sensor first: wrong parts {:.1f} %\n", 100.0 * partFirst.wrongParts / n);
  for (const auto& [fault, tally] : ours.byFault) {
    fmt::print("  {:20} {} of {}\n", fault, tally.first, tally.second);
  }
  return 0;
}
