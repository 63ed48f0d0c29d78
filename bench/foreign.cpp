// Fleets of other worlds: whether the diagnosis is right where the car shares neither its tables
// nor its physics.
#include <fmt/format.h>
#include <unistd.h>

#include <CLI/CLI.hpp>
#include <algorithm>
#include <array>
#include <filesystem>
#include <fstream>
#include <map>

#include "core/job/case_json.h"
#include "core/priors/priors.h"
#include "core/session/guide.h"
#include "core/verdict/move_words.h"
#include "fixed_chart.h"
#include "foreign/car.h"

namespace {

using namespace haybale;

std::vector<foreign::World> worlds() {
  foreign::World tame{"tame"};
  std::vector<foreign::World> out{tame};
  const auto add = [&](const char* name, auto change) {
    foreign::World w = tame;
    w.name = name;
    change(w);
    out.push_back(w);
  };
  add("priors x3", [](auto& w) { w.priorSpread = 1.1; });
  add("kinds unknown", [](auto& w) { w.kindsUnknown = 0.3; });
  add("bent leaks, slips", [](auto& w) {
    w.bentLeaks = true;
    w.slips = 0.05;
  });
  add("peers apart", [](auto& w) {
    w.peersApart = 0.10;
    w.peerFaulty = 0.25;
  });
  add("odd modules", [](auto& w) { w.oddModules = true; });
  add("wrong parts", [](auto& w) { w.wrongParts = true; });
  add("layouts, bad looks", [](auto& w) {
    w.layouts = true;
    w.looks = 0.4;
    w.noise = 0.02;
  });
  return out;
}

bool isPart(const std::string& element) {
  return element == "sensor" || element == "ring" || element == "module";
}

struct Score {
  int cars = 0, right = 0, condemned = 0, sure = 0, sureRight = 0;
  double said = 0, minutes = 0, chart = 0, tests = 0;
  std::array<int, 10> in{}, hit{};
  std::map<std::string, std::pair<int, int>> byFault;

  void print(const std::string& name) const {
    const double n = std::max(1, cars);
    fmt::print(
        "{:20} {:4} cars  right {:5.1f} %  condemned {:4.1f} %  of 95 % and more {:4} said {:5.1f} "
        "right "
        "{:5.1f}  minutes {:4.1f}, of the chart's {:4.2f}\n",
        name, cars, 100 * right / n, 100 * condemned / n, sure, 100 * said / std::max(1, sure),
        100.0 * sureRight / std::max(1, sure), minutes / n, chart > 0 ? minutes / chart : 0.0);
    std::fflush(stdout);
  }
};

bool isRight(const foreign::Truth& t, const diagnosis::Suspect& s) {
  using diagnosis::Fault;
  if (t.fault == "wrong-tyre") {
    return s.fault == Fault::wrongTyre;
  }
  if (t.fault == "circuits-exchanged") {
    return s.fault == Fault::circuitsExchanged;
  }
  if (t.fault == "latched-off") {
    return s.fault == Fault::latchedOff || s.fault == Fault::none;
  }
  const bool gap = t.fault == "wide-gap" || t.fault == "debris";
  return s.element == t.element || (gap && s.element == "ring" && diagnosis::isGap(s.fault));
}

// `index` of the world: a number is another car in each. `fault`: cars with anything else wrong are
// passed over; empty for all.
void drive(const foreign::World& world, int index, int number, const std::string& fault, bool tell,
           std::ofstream& table, Score& score) {
  const auto folder = (std::filesystem::temp_directory_path() /
                       fmt::format("haybale_foreign_{}_{}_{}", getpid(), world.name[0], number))
                          .string();
  std::filesystem::create_directories(folder);
  const auto seed = static_cast<unsigned>(number * 7919 + 13 + 104729 * index);
  foreign::Car car(world, seed, folder);
  if (!fault.empty() && car.truth().fault != fault) {
    std::filesystem::remove_all(folder);
    return;
  }
  car.readGoodWheel();
  diagnosis::Guide guide(car.job(), folder, {45, 1e9});
  std::string told;
  while (const auto* asked = guide.ask()) {
    const auto reading = car.answer(asked->test);
    if (tell) {
      std::string seen = reading ? diagnosis::sayReading(*reading) : "cannot";
      if (reading && reading->value) {
        seen = units::format(*reading->value);
      }
      told += fmt::format("    {:4.1f} min {:.2f} {} {:.3f} {} -> {}\n", asked->minutes,
                          diagnosis::leadingShare(guide.conclusion()),
                          diagnosis::groupOf(guide.conclusion().suspects.front()), asked->score,
                          asked->title, seen);
    }
    if (reading) {
      guide.answer(*reading);
    } else {
      guide.cannot();
    }
  }
  const auto& conclusion = guide.conclusion();
  const auto& first = conclusion.suspects.front();
  const double said = diagnosis::leadingShare(conclusion);
  const bool right = isRight(car.truth(), first);
  ++score.cars;
  score.right += right ? 1 : 0;
  score.condemned += !right && isPart(first.element) && said > 0.5 ? 1 : 0;
  score.minutes += guide.minutes();
  score.tests += guide.tests();
  const auto tenth = static_cast<std::size_t>(std::min(9.0, said * 10));
  ++score.in[tenth];
  score.hit[tenth] += right ? 1 : 0;
  if (said >= 0.95) {
    ++score.sure;
    score.sureRight += right ? 1 : 0;
    score.said += said;
  }
  auto& tally = score.byFault[car.truth().fault];
  tally.first += right ? 1 : 0;
  ++tally.second;
  foreign::Car again(world, seed, folder);
  again.readGoodWheel();
  const double chart = bench::workDownTheChart(
                           again.job(), [&](const circuit::Test& t) { return again.answer(t); },
                           bench::ChartOrder::whole)
                           .minutes;
  score.chart += chart;
  if (table.is_open()) {
    table << fmt::format("\"{}\",{},{},{},{},{},{},{:.4f},{:.1f},{},{:.1f}\n", world.name, number,
                         car.truth().element, car.truth().fault, diagnosis::groupOf(first),
                         diagnosis::nameOf(first.fault), right ? 1 : 0, said, guide.minutes(),
                         guide.tests(), chart);
  }
  if (tell && (!right || guide.minutes() > (getenv("TELLMIN") ? atof(getenv("TELLMIN")) : 45))) {
    std::filesystem::create_directories("/tmp/haybale_foreign_told");
    std::ofstream(fmt::format("/tmp/haybale_foreign_told/{}{}.json", world.name[0], number))
        << job::caseText(guide.job());
    for (std::size_t i = 0; i < conclusion.suspects.size() && i < 6; ++i) {
      const auto& s = conclusion.suspects[i];
      told +=
          fmt::format("      {:.3f} {} {} {}\n", s.share, diagnosis::groupOf(s),
                      diagnosis::nameOf(s.fault), s.wire ? "abc"[static_cast<int>(*s.wire)] : ' ');
    }
    fmt::print("{} {}: {} {} {} {:.3g}, said {} {} at {:.2f} after {:.0f} min\n{}", world.name,
               number, car.truth().element, car.truth().fault, car.truth().wire, car.truth().ohm,
               diagnosis::groupOf(first), diagnosis::nameOf(first.fault), said, guide.minutes(),
               told);
  }
  if (!tell) {
    std::filesystem::remove_all(folder);
  }
}

}  // namespace

int main(int argc, char** argv) {
  CLI::App app{
      "Fleets of other worlds, whose truth shares neither tables nor physics with the product"};
  int count = 300;
  int from = 0;
  int only = -1;
  bool tell = false;
  app.add_option("count", count, "how many cars in each");
  app.add_option("--from", from, "number of the first, so that fleets nobody tuned on stay");
  app.add_option("--only", only, "one world, by its number from 0");
  std::string changed;
  app.add_option("--priors", changed, "a file of priors to use instead of those shipped");
  app.add_flag("--tell", tell, "every test of those gone wrong");
  std::string wrong;
  app.add_option("--fault", wrong, "only the cars with this wrong: leak, wires-touching, ...");
  std::string table;
  app.add_option("--table", table, "a CSV file of all cars: what was wrong, what was said");
  CLI11_PARSE(app, argc, argv);
  if (!changed.empty()) {
    if (const auto refused = priors::useFile(changed)) {
      fmt::print(stderr, "{}\n", refused->sentence());
      return 3;
    }
  }
  std::ofstream rows;
  if (!table.empty()) {
    rows.open(table);
    rows << "world,number,element,fault,said element,said fault,right,said,minutes,tests,chart\n";
  }
  Score all;
  int index = 0;
  for (const auto& world : worlds()) {
    const int at = index++;
    if (only >= 0 && only != at) {
      continue;
    }
    Score score;
    for (int n = 0; n < count; ++n) {
      drive(world, at, from + n, wrong, tell, rows, score);
    }
    score.print(world.name);
    for (const auto& [fault, tally] : score.byFault) {
      all.byFault[fault].first += tally.first;
      all.byFault[fault].second += tally.second;
    }
    for (std::size_t i = 0; i < 10; ++i) {
      all.in[i] += score.in[i];
      all.hit[i] += score.hit[i];
    }
  }
  for (std::size_t i = 0; i < 10; ++i) {
    if (all.in[i] > 0) {
      fmt::print("  said {:2}0 % and more: {:5} verdicts, right {:5.1f} %\n", i, all.in[i],
                 100.0 * all.hit[i] / all.in[i]);
    }
  }
  for (const auto& [fault, tally] : all.byFault) {
    fmt::print("  {:20} {} of {}\n", fault, tally.first, tally.second);
  }
  return 0;
}
