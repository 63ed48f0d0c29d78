// Does the proof plan catch what is still wrong? Vehicles are diagnosed as in the fleet bench; then
// the fault is left in, or mended with a second one behind it, or mended and nothing else wrong;
// the plan is worked down on the simulated vehicle.
#include <fmt/format.h>

#include <cstdlib>
#include <filesystem>

#include "core/belief/ways_to_fail.h"
#include "core/session/guide.h"
#include "core/session/session.h"
#include "random_vehicle.h"

namespace {

using namespace haybale;

enum State { kLeftIn, kSecond, kSound };

struct Tally {
  int vehicles = 0, shown = 0, complete = 0;
  double minutes = 0;
  std::map<std::string, std::pair<int, int>> byFault;  // shown, of
};

void diagnose(job::Case& c, sim::SimVehicle& vehicle, const std::string& folder) {
  diagnosis::Guide guide(c, folder, {60, 1e9});
  while (const auto* asked = guide.ask()) {
    if (const auto reading = vehicle.answer(asked->test)) {
      guide.answer(*reading);
    } else {
      guide.cannot();
    }
  }
  c = guide.job();
}

sim::HiddenFault other(const job::Case& c, const std::string& element, std::mt19937& random) {
  auto second = sim::drawFault(diagnosis::waysToFail(c), random);
  // A latch-off is cured by the clearing that the proof begins with.
  while (second.fault.element == element || second.fault.fault == diagnosis::Fault::latchedOff) {
    second = sim::drawFault(diagnosis::waysToFail(c), random);
  }
  return second;
}

void prove(job::Case& c, sim::SimVehicle& vehicle, const std::string& folder, Tally& tally,
           const std::string& fault, bool tell) {
  const auto room = std::make_shared<diagnosis::Workroom>();
  const auto plan = diagnosis::Session(c, folder, room).proof().plan;
  std::string told;
  for (const auto& step : plan) {
    // What is not as it should be is read once more, as at a second contact.
    for (int again = 0; again < 2; ++again) {
      const auto reading = vehicle.answer(step.test);
      tally.minutes += again == 0 ? step.minutes : 1;
      if (!reading) {
        break;
      }
      job::Evidence e;
      e.id = c.nextProofId();
      e.test = step.test;
      e.reading = *reading;
      c.proof.push_back(std::move(e));
      const auto result = diagnosis::Session(c, folder, room).proof().results.back();
      told += fmt::format("    {}: {} {:.3f}\n", step.title,
                          result.asItShould ? "as it should" : "NOT", result.wrongAfter);
      if (result.asItShould) {
        break;
      }
    }
  }
  const auto proof = diagnosis::Session(c, folder, room).proof();
  ++tally.vehicles;
  tally.shown += proof.shown() ? 1 : 0;
  tally.complete += proof.complete() ? 1 : 0;
  auto& by = tally.byFault[fault];
  by.first += proof.shown() ? 1 : 0;
  ++by.second;
  if (tell && proof.shown() == (fault == "none")) {
    fmt::print("{}\n{}", fault, told);
  }
}

}  // namespace

int main(int argc, char** argv) {
  const int count = argc > 1 ? std::atoi(argv[1]) : 300;
  const bool tell = argc > 2;
  const auto folder = (std::filesystem::temp_directory_path() / "haybale_proof").string();
  Tally tallies[3];
  for (int v = 0; v < count; ++v) {
    std::filesystem::remove_all(folder);
    std::filesystem::create_directories(folder);
    std::mt19937 random(static_cast<std::uint32_t>(5000 + v));
    job::Case c = bench::randomCase(random);
    const auto hidden = bench::randomFault(c, random);
    sim::SimOptions options;
    options.seed = static_cast<std::uint32_t>(v + 1);
    options.folder = folder;
    sim::SimVehicle vehicle(c, hidden.fault, hidden.severity, options);
    c.evidence = vehicle.goodWheel();
    diagnose(c, vehicle, folder);
    const auto state = static_cast<State>(v % 3);
    if (state == kLeftIn) {
      prove(c, vehicle, folder, tallies[state], std::string(diagnosis::nameOf(hidden.fault.fault)),
            tell);
      continue;
    }
    const auto second = other(c, hidden.fault.element, random);
    const auto what = state == kSecond ? second : sim::HiddenFault{};
    sim::SimVehicle mended(c, what.fault, what.severity, options);
    (void)mended.goodWheel();
    prove(c, mended, folder, tallies[state], std::string(diagnosis::nameOf(what.fault.fault)),
          tell);
  }
  std::filesystem::remove_all(folder);
  const char* names[] = {"left in", "second fault", "sound"};
  for (const State state : {kLeftIn, kSecond, kSound}) {
    const auto& t = tallies[state];
    const double n = std::max(1, t.vehicles);
    fmt::print("{:13} {:4} vehicles  shown {:5.1f} %  proved {:5.1f} %  {:.0f} minutes\n",
               names[state], t.vehicles, 100 * t.shown / n, 100 * t.complete / n, t.minutes / n);
    for (const auto& [fault, by] : t.byFault) {
      fmt::print("    {:20} {} of {}\n", fault, by.first, by.second);
    }
  }
  const int wrong = tallies[0].vehicles + tallies[1].vehicles;
  fmt::print("left in or second, caught: {:.1f} % (bar 95)\n",
             100.0 * (tallies[0].shown + tallies[1].shown) / std::max(1, wrong));
  return 0;
}
